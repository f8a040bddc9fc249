import { say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { CookSession } from '@idle-kettle/contract';
import { format } from 'date-fns';
import {
  Eye,
  EyeOff,
  MessageSquareOff,
  MessageSquareText,
  Vibrate,
  VibrateOff,
  Volume2,
  VolumeX,
} from 'lucide-react';
import { useSpeed } from '../api/cookSessions.ts';
import { SPEEDS } from '../practice/speeds.ts';
import { PageHeading } from '../ui/PageHeading.tsx';
import { can, type Ways } from './useAttention.ts';
import type { CookLog } from './useCookLog.ts';
import { clockInWords } from './words.ts';

type Props = {
  readonly session: CookSession;
  readonly log: CookLog;
  readonly nowMs: number;
  readonly litAtMs: number | null;
  readonly ways: Ways;
  readonly set: (change: Partial<Ways>) => void;
  readonly mute: boolean;
  /** What the browser’s tab says. */
  readonly title: string;
};

/** What is cooked, how long, whether everything is delivered, and how the stove calls. */
export function TopBar({ session, log, nowMs, litAtMs, ways, set, mute, title }: Props) {
  const speed = useSpeed(session.id);
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
      <PageHeading title={title} className="text-xl font-bold">
        {session.name}
      </PageHeading>
      <p className="text-lg tabular-nums">
        {format(nowMs, 'HH:mm:ss')}
        {litAtMs !== null && (
          <>
            {' '}
            <Say
              id="stove.burnerOn"
              values={{
                part: (
                  <span data-testid="since-lit">{clockInWords(Math.max(0, nowMs - litAtMs))}</span>
                ),
              }}
            />
          </>
        )}
      </p>
      <p data-testid="delivery" className="text-base">
        {deliveryInWords(log)}
      </p>
      <p role="status" className="sr-only">
        {troubleInWords(log)}
      </p>
      {session.practice && session.endedAt === null && (
        <fieldset className="flex items-center gap-1">
          <legend className="sr-only">{say('stove.practiceSpeed')}</legend>
          {SPEEDS.map((times) => (
            <button
              key={times}
              type="button"
              aria-pressed={session.clock.speed === times}
              disabled={speed.isPending}
              onClick={() => speed.mutate(times, { onSuccess: () => void log.refresh() })}
              className="btn btn-sm aria-pressed:btn-secondary"
            >
              {times}×
            </button>
          ))}
        </fieldset>
      )}
      {mute && (
        <p role="status" className="border-l-4 border-secondary pl-2 text-base font-bold">
          {say('stove.tapThePageOnceSo')}
        </p>
      )}
      <div className="ml-auto flex gap-1">
        <Way
          name={say('stove.sound')}
          on={ways.sound}
          can={can.sound}
          icons={[Volume2, VolumeX]}
          onSet={(sound) => set({ sound })}
        />
        <Way
          name={say('stove.speak')}
          on={ways.speech}
          can={can.speech}
          icons={[MessageSquareText, MessageSquareOff]}
          onSet={(speech) => set({ speech })}
        />
        <Way
          name={say('stove.vibrate')}
          on={ways.shake}
          can={can.shake}
          icons={[Vibrate, VibrateOff]}
          onSet={(shake) => set({ shake })}
        />
        <Way
          name={say('stove.keepScreenOn')}
          on={ways.awake}
          can={can.awake}
          icons={[Eye, EyeOff]}
          onSet={(awake) => set({ awake })}
        />
      </div>
    </div>
  );
}

/** What a screen reader says of it: what stands in the way, and no count. */
function troubleInWords({ heard, refused, keeps }: CookLog): string {
  if (!keeps) return say('stove.thisBrowserCantStoreAnything');
  if (refused !== null) return say('stove.theServerRejectedOneEntry', { refused });
  return heard ? '' : say('stove.offlineThisDeviceGoesOn');
}

function deliveryInWords({ heard, waiting, refused, keeps }: CookLog): string {
  if (!keeps)
    return waiting === 0
      ? say('stove.thisBrowserCantStoreAnything')
      : say('stove.keepThisPageOpen', { count: waiting });
  if (refused !== null) return say('stove.theServerRejectedOneEntry', { refused });
  if (heard && waiting === 0) return say('stove.allSaved');
  if (heard) return say('stove.sending', { waiting });
  return waiting === 0
    ? say('stove.offlineThisDeviceGoesOn')
    : say('stove.offlineEntriesKeptHereUntil', { count: waiting });
}

type WayProps = {
  readonly name: string;
  readonly on: boolean;
  readonly can: boolean;
  readonly icons: readonly [on: typeof Eye, off: typeof Eye];
  readonly onSet: (on: boolean) => void;
};

function Way({ name, on, can: able, icons: [On, Off], onSet }: WayProps) {
  const Icon = on && able ? On : Off;
  return (
    <button
      type="button"
      data-look
      aria-pressed={on && able}
      disabled={!able}
      title={able ? name : say('stove.thisBrowserCant', { name })}
      onClick={() => onSet(!on)}
      className="btn btn-square btn-ghost"
    >
      <Icon aria-hidden className="size-6" />
      <span className="sr-only">{able ? name : say('stove.thisBrowserCant', { name })}</span>
    </button>
  );
}
