import { IsObject, IsOptional, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { ROLES, type Role } from './roles.ts';
import { IsName } from './text.ts';

/** Fewest and most characters of a passphrase. */
export const LEAST_PASSPHRASE = 10;
export const MOST_PASSPHRASE = 200;

/** A passphrase as somebody typed it: nothing of it is trimmed or changed. */
const IsPassphrase = (): PropertyDecorator => (target, property) => {
  for (const rule of [
    IsString({ message: refusal('requests.passphrase') }),
    MinLength(LEAST_PASSPHRASE, {
      message: refusal('requests.passphraseLength', {
        least: LEAST_PASSPHRASE,
        most: MOST_PASSPHRASE,
      }),
    }),
    MaxLength(MOST_PASSPHRASE, {
      message: refusal('requests.passphraseLength', {
        least: LEAST_PASSPHRASE,
        most: MOST_PASSPHRASE,
      }),
    }),
  ])
    rule(target, property);
};

/** A passphrase that is only compared: whatever is wrong with it, it is not the right one. */
const IsTriedPassphrase = (): PropertyDecorator => (target, property) => {
  IsString({ message: refusal('requests.passphrase') })(target, property);
  MaxLength(MOST_PASSPHRASE, {
    message: refusal('requests.passphraseLength', {
      least: LEAST_PASSPHRASE,
      most: MOST_PASSPHRASE,
    }),
  })(target, property);
};

/** The first of a household, who keeps it. */
export class SignUpDto {
  /** What the household is called. */
  @IsName()
  household!: string;

  /** What the keeper is called here, and signs in as. */
  @IsName()
  name!: string;

  @IsPassphrase()
  passphrase!: string;
}

export class SignInDto {
  @IsName()
  name!: string;

  @IsTriedPassphrase()
  passphrase!: string;
}

/** What somebody is asked into a household as; a tablet stays signed in, without a passphrase. */
export class InviteDto {
  @IsOneOf(ROLES)
  role!: Role;

  @IsOneOf(['person', 'tablet'])
  who!: 'person' | 'tablet';
}

/** Somebody who was invited. A tablet needs no passphrase. */
export class JoinDto {
  @Matches(/^[A-Za-z0-9_-]{16,64}$/, { message: refusal('requests.inviteCode') })
  code!: string;

  @IsName()
  name!: string;

  @IsOptional()
  @IsPassphrase()
  passphrase?: string;
}

export class RoleDto {
  @IsOneOf(ROLES)
  role!: Role;
}

export class PassphraseDto {
  /** The passphrase until now; on the machine itself it need not be known. */
  @IsOptional()
  @IsTriedPassphrase()
  current?: string;

  @IsPassphrase()
  passphrase!: string;
}

/** Whoever is signed in says the passphrase once more, before a browser may do without it. */
export class PasskeyWishDto {
  @IsTriedPassphrase()
  passphrase!: string;
}

/** What a browser's authenticator answered to a challenge, as Web Authentication writes it in JSON. */
export class PasskeyAnswerDto {
  @IsObject({ message: refusal('requests.passkeyAnswer') })
  answer!: object;
}

/** A passkey of a member. */
export type Passkey = {
  readonly id: string;
  /** How the browser that made it names itself. */
  readonly browser: string;
  readonly since: string;
  readonly usedAt: string | null;
};

/** Who asks, and what for: what a page needs before anything else. */
export type Who = {
  /**
   * How this page came: on the machine itself, where nobody signs in, or over the home network.
   */
  readonly door: 'loopback' | 'home';
  readonly household: { readonly id: string; readonly name: string } | null;
  /** Null on the machine itself, and for whoever is not signed in. */
  readonly member: { readonly id: string; readonly name: string } | null;
  readonly role: Role | null;
  /** What every write carries besides its cookie; null without a session. */
  readonly token: string | null;
  /** Whether nobody keeps this household yet, and whoever asks may sign up. */
  readonly signUp: boolean;
  /** Where phones find this kitchen on the home network; null where it is not there. */
  readonly homeAddress: string | null;
};

export type Member = {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly tablet: boolean;
  readonly joinedAt: string;
  /** When a page of theirs last asked for anything; null where none is signed in. */
  readonly seenAt: string | null;
};

/** One place where a member is signed in. */
export type SignedIn = {
  readonly id: string;
  /** How its browser names itself. */
  readonly browser: string;
  readonly since: string;
  readonly seenAt: string;
  /** Whether it is the one that asks. */
  readonly here: boolean;
};

export type Invite = {
  readonly id: string;
  readonly role: Role;
  readonly who: 'person' | 'tablet';
  readonly until: string;
};

/** A new invite: its code is told once. */
export type NewInvite = Invite & { readonly code: string };

/** What is noted of who did what that others should be able to look up. */
export type AuditEvent = {
  readonly id: string;
  readonly at: string;
  readonly what: AuditKind;
  /** Who did it, by name; null for the machine itself. */
  readonly by: string | null;
  /** Whom or what it was about, by name. */
  readonly about: string | null;
};

export const AUDIT_KINDS = [
  'signed-up',
  'signed-in',
  'sign-in-refused',
  'signed-out',
  'signed-out-everywhere',
  'invited',
  'invite-withdrawn',
  'joined',
  'role-changed',
  'passphrase-changed',
  'passkey-added',
  'passkey-removed',
  'member-removed',
  'device-paired',
  'device-removed',
  'batch-deleted',
  'recipe-deleted',
  'storage-confirmed',
] as const;

export type AuditKind = (typeof AUDIT_KINDS)[number];
