/** So many people are a crew: they work in teams, one to a pot. */
export const CREW_FROM = 4;

/** How people work together: how many teams, and how many hands each has. */
export type Crew = { readonly teams: number; readonly size: number };

/** Fewer than {@link CREW_FROM} work each for themselves; so many, in one team to a pot. */
export function crewOf({
  people,
  burners,
  slowCookers,
  batches,
}: {
  readonly people: number;
  readonly burners: number;
  readonly slowCookers: number;
  readonly batches: readonly unknown[];
}): Crew {
  if (people < CREW_FROM) return { teams: people, size: 1 };
  const pots = Math.max(1, Math.min(burners + slowCookers, batches.length));
  const teams = Math.min(pots, people);
  return { teams, size: Math.floor(people / teams) };
}

/** How the people of a day work together. */
export const handsOfDay = (
  day: Parameters<typeof crewOf>[0] & { readonly crew?: boolean },
): Crew => (day.crew === true ? crewOf(day) : { teams: day.people, size: 1 });

/** The people of a team, by their places: the first of each before the second of any. */
export const teamOf = (team: number, { teams }: Crew, people: number): readonly number[] =>
  Array.from({ length: people }, (_, person) => person).filter((person) => person % teams === team);

/** What is done with each jar as it is filled, in order, s; common practice and judgement. */
export const LINE = [
  { role: 'fill', secondsPerJar: 35 },
  { role: 'wipe', secondsPerJar: 12 },
  { role: 'lid', secondsPerJar: 12 },
  { role: 'carry', secondsPerJar: 13 },
] as const;
/** One of the roles of {@link LINE}. */
export type LineRole = (typeof LINE)[number]['role'];

/**
 * Who does what as jars are filled: roles that follow one another go to one, so that the slowest is
 * as quick as it goes; where there are more people than roles, the slowest is shared.
 * @param size how many there are
 * @returns by person, and how long a jar takes then, s
 */
export function fillingLine(size: number): {
  readonly roles: readonly (readonly LineRole[])[];
  readonly secondsPerJar: number;
} {
  if (size <= LINE.length) {
    let best: readonly (readonly (typeof LINE)[number][])[] = [LINE];
    for (const parts of partings(LINE, Math.max(1, size)))
      if (slowest(parts) < slowest(best) || best.length < parts.length) best = parts;
    return {
      roles: best.map((part) => part.map(({ role }) => role)),
      secondsPerJar: slowest(best),
    };
  }
  const counts = LINE.map(() => 1);
  const each = () => LINE.map(({ secondsPerJar }, nth) => secondsPerJar / (counts[nth] ?? 1));
  for (let more = size - LINE.length; more > 0; more -= 1) {
    const all = each();
    const nth = all.indexOf(Math.max(...all));
    counts[nth] = (counts[nth] ?? 1) + 1;
  }
  return {
    roles: LINE.flatMap(({ role }, nth) =>
      Array.from({ length: counts[nth] ?? 1 }, (): readonly LineRole[] => [role]),
    ),
    secondsPerJar: Math.max(...each()),
  };
}

const slowest = (parts: readonly (readonly { readonly secondsPerJar: number }[])[]): number =>
  Math.max(...parts.map((part) => part.reduce((sum, { secondsPerJar }) => sum + secondsPerJar, 0)));

/** Every way to part a list into so many lists, in order. */
function partings<T>(list: readonly T[], into: number): readonly (readonly (readonly T[])[])[] {
  if (into <= 1) return [[list]];
  return list
    .slice(0, list.length - into + 1)
    .flatMap((_, nth) =>
      partings(list.slice(nth + 1), into - 1).map((rest) => [list.slice(0, nth + 1), ...rest]),
    );
}

/** Hands that work together at fruit get in each other's way a little: shares of one. Judgement. */
const EACH_MORE = 0.8;

/** How many times as fast as one so many are at fruit. */
export const fasterAtFruit = (size: number): number => 1 + EACH_MORE * (Math.max(1, size) - 1);
