import type { EntryKind } from '@idle-kettle/core';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsOptional, Matches } from 'class-validator';
import { EARLIEST_MS, LATEST_MS, MOST_ENTRIES } from './cookSession.ts';
import { AreParts } from './nested.ts';
import { IsBetween, IsWholeBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { IsName } from './text.ts';

export const DEVICE_KINDS = ['probe', 'scale', 'burner'] as const;

export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** What each kind of device writes into a log. */
export const READ_BY = {
  probe: 'temperature',
  scale: 'weight',
  burner: 'flame',
} as const satisfies { readonly [kind in DeviceKind]: EntryKind };

export type DeviceEntryKind = (typeof READ_BY)[DeviceKind];

/** A device that gives the six digits that a page shows. */
export class PairDto {
  @Matches(/^\d{6}$/, { message: refusal('requests.pairingCode') })
  code!: string;

  @IsName()
  name!: string;

  @IsOneOf(DEVICE_KINDS)
  kind!: DeviceKind;
}

/** One thing that a device read: °C as it shows, grams, or the share of a burner’s power. */
export class DeviceReadingDto {
  /**
   * The how-manieth of this device’s, so that a second delivery changes nothing; left out, each
   * delivery is a new one.
   */
  @IsOptional()
  @IsWholeBetween(1, 2_000_000_000)
  seq?: number;

  /** When it was read, ms since 1970; left out by a device without a clock: as it comes. */
  @IsOptional()
  @IsWholeBetween(EARLIEST_MS, LATEST_MS, 'ms since 1970')
  at?: number;

  @IsBetween(-100, 100_000)
  value!: number;
}

/** What a device read: all of it is kept, or none. */
export class DeviceReadingsDto {
  @IsArray({ message: refusal('requests.list') })
  @ArrayMinSize(1, { message: refusal('requests.leastEntries') })
  @ArrayMaxSize(MOST_ENTRIES, { message: refusal('requests.mostEntries', { most: MOST_ENTRIES }) })
  @AreParts(() => DeviceReadingDto, refusal('requests.eachObject'))
  readings!: DeviceReadingDto[];

  /** What the device’s clock shows as it sends, by which its times are put right. */
  @IsOptional()
  @IsBetween(0, LATEST_MS, 'ms since 1970')
  now?: number | null;
}

/** What a device is told once: its token, and where to send what it reads. */
export type Paired = {
  readonly id: string;
  readonly token: string;
  readonly cookSessionId: string;
};

/** The six digits that a device pairs with, for a while. */
export type PairingCode = { readonly code: string; readonly until: string };

export type Device = {
  readonly id: string;
  readonly name: string;
  readonly kind: DeviceKind;
  /** The cook that it reads; null for none any more. */
  readonly cook: { readonly id: string; readonly name: string } | null;
  readonly pairedAt: string;
  /** When it last sent anything. */
  readonly heardAt: string | null;
  /** Its last readings, the newest first. */
  readonly readings: readonly DeviceReading[];
};

export type DeviceReading = {
  readonly at: string;
  readonly kind: DeviceEntryKind;
  /** °C as it showed, grams, or the share of a burner’s power. */
  readonly value: number;
};
