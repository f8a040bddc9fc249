/** Whether this is `./kettle bench properties`. */
export const isWhole = process.env['KETTLE_WHOLE'] !== undefined;

/**
 * How many random cases a property is tried with: a fifth of them in each run of the suite, which
 * draws others every time, and all of them in `./kettle bench properties`.
 * @param all how many there are in the whole
 */
export const runs = (all: number): number => (isWhole ? all : Math.ceil(all / 5));

/**
 * How many there are at the least where {@link some} takes its share of them: a third of a table
 * need not hold a third of what is counted in it, and any third of those we have holds a quarter.
 * @param all of the whole
 */
export const leastOfSome = (all: number): number => (isWhole ? all : Math.floor(all / 4));

/**
 * The cases of a long table that a run of the suite tries: a third of them, others every time, and
 * all of them in `./kettle bench properties`.
 * @param all the whole table
 */
export const some = <Case>(all: readonly Case[]): readonly Case[] => {
  const first = Math.floor(3 * Math.random());
  return isWhole ? all : all.filter((_, index) => index % 3 === first);
};
