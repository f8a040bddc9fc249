import { say } from '@idle-kettle/words';
import {
  filledMl,
  formatLength,
  formatVolume,
  HEAT_IDS,
  HEAT_SOURCES,
  JAR_SIZES,
  type MeasuresId,
  type UnitSystem,
} from '@idle-kettle/core';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { PotDrawing } from '../drawings/PotDrawing.tsx';
import {
  FIRST_CANNERS,
  FIRST_POTS,
  toggled,
  type FirstCanner,
  type FirstThings,
} from './firstThings.ts';

type Props = {
  readonly things: FirstThings;
  readonly onPick: (things: FirstThings) => void;
};

const PX_PER_CM = 3.5;
/** The drawn height of a pint. */
const PINT_PX = 74;

/** The pots that a kitchen has, and what they stand on. */
export const FirstPots = ({ things, onPick, units }: Props & { readonly units: UnitSystem }) => (
  <>
    <ul aria-label={say('kitchen.pots')} className="flex flex-wrap items-end gap-2">
      {FIRST_POTS.map((pot) => (
        <Pick
          key={pot.name}
          isPicked={things.pots.includes(pot)}
          onPress={() => onPick({ ...things, pots: toggled(things.pots, pot) })}
          name={say(pot.name)}
          detail={say('kitchen.acrossAndHigh', {
            across: formatLength(pot.diameterCm, units),
            high: formatLength(pot.heightCm, units),
          })}
        >
          <PotDrawing diameterCm={pot.diameterCm} heightCm={pot.heightCm} scale={PX_PER_CM} />
        </Pick>
      ))}
    </ul>
    <h2 className="text-xl font-bold">{say('kitchen.whatDoYouCookOn')}</h2>
    <ul aria-label={say('kitchen.whatDoYouCookOn')} className="flex flex-wrap gap-3">
      {HEAT_IDS.map((heat) => (
        <Pick
          key={heat}
          isPicked={things.heat === heat}
          onPress={() => onPick({ ...things, heat: things.heat === heat ? null : heat })}
          name={HEAT_SOURCES[heat].name}
        />
      ))}
    </ul>
  </>
);

type JarsProps = Props & { readonly measures: MeasuresId; readonly units: UnitSystem };

/** The sizes of jar that a kitchen has, and what they are processed in. */
export const FirstJars = ({ things, onPick, measures, units }: JarsProps) => (
  <>
    <ul aria-label={say('kitchen.emptyJars')} className="flex flex-wrap items-end gap-3">
      {JAR_SIZES[measures].map((jar) => (
        <Pick
          key={jar.name}
          isPicked={things.jars.includes(jar)}
          onPress={() => onPick({ ...things, jars: toggled(things.jars, jar) })}
          name={jar.name}
          detail={say('kitchen.filledWith', {
            volume: formatVolume(filledMl(jar.size, jar.measure), units),
          })}
        >
          <JarDrawing volumeMl={filledMl(jar.size, jar.measure)} pintPx={PINT_PX} />
        </Pick>
      ))}
    </ul>
    <h2 className="text-xl font-bold">{say('kitchen.whatDoYouProcessIn')}</h2>
    <ul aria-label={say('kitchen.whatDoYouProcessIn')} className="flex flex-wrap gap-3">
      {(Object.keys(FIRST_CANNERS) as FirstCanner[]).map((id) => (
        <Pick
          key={id}
          isPicked={things.canner === id}
          onPress={() => onPick({ ...things, canner: things.canner === id ? null : id })}
          name={say(FIRST_CANNERS[id].name)}
        />
      ))}
    </ul>
  </>
);

type PickProps = {
  readonly isPicked: boolean;
  readonly onPress: () => void;
  readonly name: string;
  readonly detail?: string;
  readonly children?: React.ReactNode;
};

/** Something that a kitchen has or has not. */
const Pick = ({ isPicked, onPress, name, detail, children }: PickProps) => (
  <li>
    <button
      type="button"
      aria-pressed={isPicked}
      onClick={onPress}
      className={`flex min-h-11 cursor-pointer flex-col items-center justify-center gap-1 rounded-box border-2 bg-base-100 px-3 py-2 ${isPicked ? 'border-primary' : 'border-base-300'}`}
    >
      {children}
      <b>{name}</b>
      {detail !== undefined && <span className="text-sm">{detail}</span>}
    </button>
  </li>
);
