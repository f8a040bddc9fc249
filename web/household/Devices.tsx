import { say } from '@idle-kettle/words';
import {
  may,
  type Device,
  type DeviceReading,
  type Kitchen,
  type Who,
} from '@idle-kettle/contract';
import { formatMass, formatTemperature } from '@idle-kettle/core';
import { format, formatDistanceToNowStrict } from 'date-fns';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useCookSessions } from '../api/cookSessions.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useDevices, usePairingCode, useRemoveDevice, useSetDeviceCook } from '../api/who.ts';
import { DeviceExamples } from './DeviceExamples.tsx';

const KIND_IN_WORDS = {
  probe: 'people.probe',
  scale: 'people.scale',
  burner: 'people.burner',
} as const;

/** After so long without a reading a device is told to be silent, ms. */
const SILENT_MS = 60_000;

/** A cook that a device may be paired with. */
type OpenCook = { readonly id: string; readonly name: string };

/** The devices of the household: what they read last, how long they are silent, and new ones. */
export function Devices({ who }: { readonly who: Who }) {
  const devices = useDevices();
  const cooks = useCookSessions();
  const kitchen = useKitchen().data;
  const open = (cooks.data ?? []).filter(
    ({ endedAt, fault }) => endedAt === null && fault === null,
  );
  const canPair = who.role !== null && may(who.role, 'cook');
  return (
    <section aria-labelledby="devices-title" className="flex flex-col gap-3">
      <div>
        <h2 id="devices-title" className="text-xl font-bold text-primary">
          {say('people.devices')}
        </h2>
        <p>{say('people.devicesWhy')}</p>
      </div>
      {devices.data?.length === 0 && <p>{say('people.noDevices')}</p>}
      <ul>
        {devices.data?.map((device) => (
          <OneDevice key={device.id} device={device} who={who} open={open} kitchen={kitchen} />
        ))}
      </ul>
      {canPair && <Pair open={open} />}
      <DeviceExamples />
    </section>
  );
}

type OneProps = {
  readonly device: Device;
  readonly who: Who;
  readonly open: readonly OpenCook[];
  readonly kitchen: Kitchen | undefined;
};

function OneDevice({ device, who, open, kitchen }: OneProps) {
  const move = useSetDeviceCook();
  const remove = useRemoveDevice();
  const { id, name, kind, cook, readings } = device;
  const others = who.role !== null && may(who.role, 'cook') ? open : [];
  const error = move.error ?? remove.error;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2">
      <span className="min-w-40 grow">
        <b>{name}</b>
        <span className="block">
          {cook === null
            ? say('people.deviceAtNone', { kind: say(KIND_IN_WORDS[kind]) })
            : say('people.deviceAt', { kind: say(KIND_IN_WORDS[kind]), cook: cook.name })}
          {', '}
          {heardInWords(device)}
        </span>
        {readings.length > 0 && kitchen !== undefined && (
          <span className="block text-sm opacity-80" data-testid="last-readings">
            {say('people.lastReadings', {
              readings: readings
                .map((one) => `${inWords(one, kitchen)} (${format(new Date(one.at), 'pp')})`)
                .join(', '),
            })}
          </span>
        )}
        {error && <span className="block text-error">{sayError(error)}</span>}
      </span>
      {others
        .filter((one) => one.id !== cook?.id)
        .map((one) => (
          <button
            key={one.id}
            type="button"
            className="btn btn-outline"
            disabled={move.isPending}
            onClick={() => move.mutate({ cook: one.id, device: id })}
          >
            {say('people.moveTo', { cook: one.name })}
          </button>
        ))}
      {who.role !== null && may(who.role, 'people') && (
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={say('people.forget', { name })}
          title={say('people.forget', { name })}
          disabled={remove.isPending}
          onClick={() => remove.mutate(device)}
        >
          <Trash2 aria-hidden className="size-5" />
        </button>
      )}
    </li>
  );
}

function heardInWords({ heardAt }: Device): string {
  if (heardAt === null) return say('people.neverHeard');
  const at = new Date(heardAt);
  return Date.now() - at.getTime() > SILENT_MS
    ? say('people.silent', { minutes: formatDistanceToNowStrict(at) })
    : say('people.heard', { when: formatDistanceToNowStrict(at, { addSuffix: true }) });
}

function inWords({ kind, value }: DeviceReading, { temperature, units }: Kitchen): string {
  if (kind === 'temperature') return formatTemperature(value, temperature);
  return kind === 'weight' ? formatMass(value, units) : `${Math.round(100 * value)} %`;
}

/** Six digits for a device, which it is typed into. */
function Pair({ open }: { readonly open: readonly OpenCook[] }) {
  const code = usePairingCode();
  const [chosen, setChosen] = useState<string | null>(null);
  const cook = open.find(({ id }) => id === chosen) ?? open[0];
  if (cook === undefined) return <p>{say('people.noCooks')}</p>;
  return (
    <div className="flex flex-col gap-3">
      <h3 className="font-bold">{say('people.pair')}</h3>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1">
          {say('people.pairWith')}
          <select
            className="select"
            value={cook.id}
            onChange={({ target }) => setChosen(target.value)}
          >
            {open.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-primary"
          disabled={code.isPending}
          onClick={() => code.mutate(cook.id)}
        >
          {say('people.getCode')}
        </button>
      </div>
      {code.error && (
        <p role="alert" className="text-error">
          {sayError(code.error)}
        </p>
      )}
      {code.data && (
        <p role="status">
          {say('people.code', { until: format(new Date(code.data.until), 'p') })}{' '}
          <b
            data-testid="pairing-code"
            className="text-3xl tracking-widest tabular-nums select-all"
          >
            {code.data.code}
          </b>
        </p>
      )}
    </div>
  );
}
