import type { EventKind } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';

const MIN = 60_000;

/**
 * Writes the log of a batch’s jars for tests: each event at a minute after the beginning, numbered
 * in the order of writing.
 */
export class JarLog {
  readonly entries: Entry[] = [];

  /** Something that happened `minute` minutes after the beginning. */
  at(
    minute: number,
    kind: EventKind,
    text: string | null = null,
    value: number | null = null,
  ): this {
    this.entries.push({
      source: 'cook',
      seq: this.entries.length + 1,
      at: minute * MIN,
      kind,
      value,
      text,
    });
    return this;
  }

  /** Jars filled and closed. */
  closed(minute: number, jars: string): this {
    this.at(minute, 'filled', jars);
    for (const step of ['bubbled', 'wiped', 'lidded', 'tight'] as const) this.at(minute, step);
    return this;
  }

  /**
   * A load that had its whole time: in, on the heat, at the boil after `heatMin`, off after
   * `timeMin`, rested and out.
   */
  processed(minute: number, number: number, jars: string, heatMin: number, timeMin: number): this {
    const boils = minute + heatMin;
    const off = boils + timeMin;
    return this.at(minute, 'loaded', jars, number)
      .at(minute, 'canner-lit', null, number)
      .at(boils, 'canner-boils', null, number)
      .at(off, 'canner-off', null, number)
      .at(off + 5, 'lifted-out', null, number);
  }
}
