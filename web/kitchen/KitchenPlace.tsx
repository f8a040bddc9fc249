import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import {
  capacityOf,
  findIngredient,
  formatCapacity,
  formatLength,
  formatMass,
  formatVolume,
  HEAT_SOURCES,
  USUAL_HALF_PINTS,
} from '@idle-kettle/core';
import { Flame, Pencil } from 'lucide-react';
import { useState } from 'react';
import { useMay } from '../api/who.ts';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { PotDrawing } from '../drawings/PotDrawing.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { moneyInWords } from '../ui/words.ts';
import { massInWords } from '../words/mass.ts';
import { EquipmentSheet } from './EquipmentSheet.tsx';
import type { EquipmentPart } from './equipmentParts.tsx';
import { JarStockSheet } from './JarStockSheet.tsx';
import { formOf } from './kitchenForm.ts';
import { minorPerUnit, potMl, SHOWN } from './measuresShown.ts';
import { PlaceSheet } from './PlaceSheet.tsx';
import { ShelfPlaces } from './ShelfPlaces.tsx';
import { StopHere } from './StopHere.tsx';
import { TaughtNames } from './TaughtNames.tsx';

/**
 * The largest pot that is there takes this much of the shelf, px; without wide ones, a centimetre
 * this much.
 */
const MOST_POT_PX = 150;
const MOST_PX_PER_CM = 5;
const PINT_PX = 80;
const PINT_ML = 473;

type SheetId = EquipmentPart | 'place' | 'came and went';

/** What a pack says of itself: `49 g, 15 g of it pectin`, `500 g, boiled 4 min`. */
const packInWords = (
  { packG, pectinG, boilMin }: Kitchen['packs'][number],
  units: Kitchen['units'],
): string => {
  const mass = massInWords(packG, units);
  const what =
    pectinG === null
      ? mass
      : say('kitchen.massOfItPectin', { mass, pectin: massInWords(pectinG, units) });
  return boilMin == null ? what : say('kitchen.packBoiledFor', { what, minutes: boilMin });
};

/**
 * The kitchen as a place: where it is, what stands on the stove, on the shelf and in the cupboard.
 * Forms lie over it when they are asked for.
 */
export function KitchenPlace({ kitchen }: { readonly kitchen: Kitchen }) {
  const [sheet, setSheet] = useState<SheetId | null>(null);
  const close = () => setSheet(null);
  const { pots, burners, jars, stock, packs, prices } = kitchen;
  const scale = Math.min(
    MOST_PX_PER_CM,
    MOST_POT_PX / Math.max(1, ...pots.map((pot) => Math.max(pot.diameterCm, pot.heightCm))),
  );
  const mayChange = useMay()('kitchen');
  const change = (part: SheetId, what: string) =>
    mayChange && <Change key={part} what={what} onPress={() => setSheet(part)} />;
  return (
    <div className="flex flex-col gap-5">
      <PageHeading
        title={say('kitchen.kitchenOf', { name: kitchen.name })}
        className="text-3xl font-bold text-primary"
      >
        {kitchen.name}
      </PageHeading>
      <div className="grid items-start gap-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <section aria-label={say('kitchen.place')} className="flex flex-col gap-2">
          <ErrorBoundary what={say('kitchen.thePlace')} on={kitchen}>
            <StopHere form={formOf(kitchen)} />
          </ErrorBoundary>
          <p>{habitsOf(kitchen)}</p>
          {change('place', say('kitchen.thePlaceAndUnits'))}
        </section>
        <div className="flex flex-col gap-5">
          <Room
            title={say('kitchen.potsAndBurners')}
            change={[change('pots', 'pots'), change('burners', 'burners')]}
          >
            <Shelf>
              {pots.map(({ id, name, diameterCm, heightCm }) => (
                <Standing
                  key={id}
                  name={name}
                  detail={say('kitchen.potSize', {
                    across: formatLength(diameterCm, kitchen.units),
                    high: formatLength(heightCm, kitchen.units),
                    holds: formatCapacity(potMl(diameterCm, heightCm), kitchen.units),
                  })}
                >
                  <PotDrawing diameterCm={diameterCm} heightCm={heightCm} scale={scale} />
                </Standing>
              ))}
              {pots.length === 0 && <Nothing>{say('kitchen.noPotYetTimesAssume')}</Nothing>}
            </Shelf>
            <ul className="flex flex-wrap gap-x-5 gap-y-1">
              {burners.map(({ id, name, heat, netPowerKw }) => (
                <li key={id} className="flex items-center gap-1.5">
                  <Flame aria-hidden className="size-4 text-secondary" />
                  <span>
                    <b>{name}</b>
                    {name !== HEAT_SOURCES[heat].name && `, ${HEAT_SOURCES[heat].name}`}
                    {netPowerKw !== null &&
                      netPowerKw !== undefined &&
                      say('kitchen.kw', { netPowerKw })}
                  </span>
                </li>
              ))}
              {burners.length === 0 && (
                <li className="opacity-80">{say('kitchen.aMediumBurnerUntilYou')}</li>
              )}
            </ul>
          </Room>
          <Room
            title={say('kitchen.jarsAndCanner')}
            change={[
              jars.length > 0 && change('came and went', say('kitchen.theJarCount')),
              change('jars', 'jars'),
              change('canner', 'canner'),
            ]}
          >
            <Shelf>
              {jars.map(({ id, name, volumeMl, count, prefer, lids, inUse }) => (
                <Standing
                  key={id}
                  name={`${count == null ? '' : `${count} × `}${name}`}
                  detail={[
                    formatVolume(volumeMl, kitchen.units),
                    ...(prefer === true ? [say('kitchen.preferred')] : []),
                    ...(lids == null
                      ? []
                      : [
                          say('kitchen.new', {
                            lids,
                            part: lids === 1 ? say('kitchen.lid') : say('kitchen.lids'),
                          }),
                        ]),
                    ...((inUse ?? 0) > 0 ? [say('kitchen.moreFull', { inUse })] : []),
                  ].join(', ')}
                >
                  <JarDrawing volumeMl={volumeMl} pintPx={PINT_PX} />
                </Standing>
              ))}
              {jars.length === 0 && <Nothing>{say('kitchen.noJarsYet')}</Nothing>}
            </Shelf>
            <p>
              {kitchen.canner === 'none'
                ? say('kitchen.noCannerSo')
                : say('kitchen.processedIn', {
                    part:
                      kitchen.canner === 'steam'
                        ? say('kitchen.anAtmosphericSteamCanner')
                        : say('kitchen.boilingWater'),
                    text: say('kitchen.atATime', { holdsJars: holdsJars(kitchen) }),
                  })}
            </p>
          </Room>
        </div>
      </div>
      <Room
        title={say('kitchen.cupboard')}
        change={[
          change('stock', say('kitchen.theCupboard')),
          change('packs', say('kitchen.packsOfPectin')),
          change('prices', 'prices'),
        ]}
      >
        <div className="grid gap-x-8 gap-y-3 sm:grid-cols-3">
          <Listed title={say('kitchen.inStock')} none={say('kitchen.nothingCountedYet')}>
            {stock.map(({ ingredient, massG }) => [
              nameOf(ingredient),
              formatMass(massG, kitchen.units),
            ])}
          </Listed>
          <Listed title={say('kitchen.packsOfPectin2')} none={say('kitchen.theUsualPacks')}>
            {packs.map((pack) => [nameOf(pack.ingredient), packInWords(pack, kitchen.units)])}
          </Listed>
          <Listed
            title={say('kitchen.pricePerUnit', { unit: SHOWN[kitchen.units].price })}
            none={say('kitchen.noPricesYetSoNo')}
          >
            {prices.map(({ ingredient, minorPerKg }) => [
              nameOf(ingredient),
              moneyInWords(minorPerUnit(minorPerKg, kitchen.units), kitchen.currency),
            ])}
          </Listed>
        </div>
      </Room>
      <ErrorBoundary what={say('kitchen.theNames')} on={kitchen}>
        <TaughtNames kitchen={kitchen} />
      </ErrorBoundary>
      <ErrorBoundary what={say('shelf.ownPlaces')} on={kitchen}>
        <ShelfPlaces kitchen={kitchen} />
      </ErrorBoundary>
      {sheet === 'place' && <PlaceSheet kitchen={kitchen} onClose={close} />}
      {sheet === 'came and went' && <JarStockSheet kitchen={kitchen} onClose={close} />}
      {sheet !== null && sheet !== 'place' && sheet !== 'came and went' && (
        <EquipmentSheet kitchen={kitchen} part={sheet} onClose={close} />
      )}
    </div>
  );
}

const Change = ({ what, onPress }: { what: string; onPress: () => void }) => (
  <button type="button" className="btn btn-sm w-fit" onClick={onPress}>
    <Pencil aria-hidden className="size-4" /> {say('kitchen.change', { what })}
  </button>
);

type RoomProps = {
  readonly title: string;
  readonly change: React.ReactNode;
  readonly children: React.ReactNode;
};

const Room = ({ title, change, children }: RoomProps) => (
  <section aria-label={title} className="flex flex-col gap-2">
    <div className="flex flex-wrap items-center gap-2">
      <h2 className="mr-auto text-xl font-bold text-primary">{title}</h2>
      {change}
    </div>
    {children}
  </section>
);

/** A board that things stand on. */
const Shelf = ({ children }: { children: React.ReactNode }) => (
  <ul className="flex flex-wrap items-end gap-x-6 gap-y-2 border-b-[6px] border-secondary/50 px-3 pb-1">
    {children}
  </ul>
);

type StandingProps = {
  readonly name: string;
  readonly detail: string;
  readonly children: React.ReactNode;
};

const Standing = ({ name, detail, children }: StandingProps) => (
  <li className="flex flex-col items-center text-center">
    <b className="leading-tight">{name}</b>
    <span className="mb-1 text-sm">{detail}</span>
    {children}
  </li>
);

const Nothing = ({ children }: { children: React.ReactNode }) => (
  <li className="py-4 opacity-80">{children}</li>
);

type ListedProps = {
  readonly title: string;
  readonly none: string;
  readonly children: readonly (readonly [string, string])[];
};

const Listed = ({ title, none, children }: ListedProps) => (
  <div>
    <h3 className="font-bold">{title}</h3>
    {children.length === 0 ? (
      <p className="opacity-80">{none}</p>
    ) : (
      <dl>
        {children.map(([name, value]) => (
          <div key={name} className="flex justify-between gap-3 border-b border-base-300 py-0.5">
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    )}
  </div>
);

const nameOf = (id: string): string => findIngredient(id)?.name ?? id;

/** `7 half-pints or 5 pints`. */
const holdsJars = ({ cannerHolds }: Kitchen): string => {
  const halfPints = cannerHolds ?? USUAL_HALF_PINTS;
  return say('kitchen.halfPintsOrPints', { halfPints, capacity: capacityOf(halfPints, PINT_ML) });
};

const habitsOf = ({ units, measures, school }: Kitchen): string =>
  [
    units === 'us' ? say('kitchen.showsCupsAndPounds') : say('kitchen.showsGramsAndLiters'),
    say('kitchen.cupsPintsAndSpoonsAre', {
      part: measures === 'metric' ? 'metric' : measures.toUpperCase(),
    }),
    school === 'sterilised' ? say('kitchen.jarsAreBoiledFirst') : say('kitchen.jarsAreCleanAndHot'),
  ].join('; ') + '.';
