import type { Passkey } from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { decodeClientDataJSON } from '@simplewebauthn/server/helpers';
import { UniqueConstraintError } from 'sequelize';
import { BadInput, NotAllowed, NotFound } from '../problem/errors.ts';
import type { Actor } from './actor.ts';
import { AuditService } from './audit.service.ts';
import type { MemberModel } from './member.model.ts';
import { MembersService } from './members.service.ts';
import { PasskeyModel } from './passkey.model.ts';
import { PasskeyChallengesService } from './passkeyChallenges.service.ts';
import type { Site } from './site.ts';

/** How a kitchen shows itself where a phone lists its passkeys. */
const SHOWN_AS = 'Idle Kettle';

/** Members sign in by a key that their phone keeps behind a finger, a face or a code. */
@Injectable()
export class PasskeysService {
  constructor(
    @InjectModel(PasskeyModel) private readonly passkeys: typeof PasskeyModel,
    private readonly challenges: PasskeyChallengesService,
    private readonly members: MembersService,
    private readonly audit: AuditService,
  ) {}

  /** Those of whoever asks, the first first. */
  async list(actor: Actor): Promise<Passkey[]> {
    const rows = await this.of(actor.householdId, actor.author.id);
    return rows.map(({ id, browser, createdAt, usedAt }) => ({
      id,
      browser,
      since: createdAt.toISOString(),
      usedAt: usedAt?.toISOString() ?? null,
    }));
  }

  /** What a browser is asked to make a passkey by, for whoever says their passphrase once more. */
  async wish(
    actor: Actor,
    passphrase: string,
    site: Site,
    address: string,
  ): Promise<PublicKeyCredentialCreationOptionsJSON> {
    const member = await this.memberOf(actor);
    await this.members.mustKnow(member, passphrase, 'passphrase', address);
    const had = await this.of(actor.householdId, member.id);
    const options = await generateRegistrationOptions({
      rpName: SHOWN_AS,
      rpID: site.name,
      userName: member.name,
      userID: handleOf(member.id),
      excludeCredentials: had.map(({ credentialId }) => ({ id: credentialId })),
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    });
    await this.challenges.keep(options.challenge, member.id);
    return options;
  }

  /** Keeps the passkey that a browser made. */
  async add(actor: Actor, answer: object, site: Site, browser: string): Promise<void> {
    const member = await this.memberOf(actor);
    const response = answer as RegistrationResponseJSON;
    const expectedChallenge = await this.challengeIn(answer, member.id);
    const { registrationInfo } = await orRefused(() =>
      verifyRegistrationResponse({ response, expectedChallenge, ...expected(site) }),
    );
    if (registrationInfo === undefined) throw refused();
    const { credential } = registrationInfo;
    try {
      await this.passkeys.create({
        householdId: actor.householdId,
        memberId: member.id,
        credentialId: credential.id,
        publicKey: Buffer.from(credential.publicKey),
        counter: String(credential.counter),
        browser,
      });
    } catch (error) {
      if (error instanceof UniqueConstraintError) throw refused();
      throw error;
    }
    await this.audit.note(actor, 'passkey-added');
  }

  async remove(actor: Actor, id: string): Promise<void> {
    const { householdId, author } = actor;
    const gone = await this.passkeys.destroy({
      where: { id, householdId, memberId: author.id },
    });
    if (gone === 0) throw new NotFound(message('problems.noSuchPasskey'));
    await this.audit.note(actor, 'passkey-removed');
  }

  /** What a browser is asked to sign in by, whoever it is. */
  async question(site: Site): Promise<PublicKeyCredentialRequestOptionsJSON> {
    const options = await generateAuthenticationOptions({
      rpID: site.name,
      userVerification: 'required',
    });
    await this.challenges.keep(options.challenge, null);
    return options;
  }

  /** The member whose passkey answered. */
  async signIn(answer: object, site: Site): Promise<MemberModel> {
    const response = answer as AuthenticationResponseJSON;
    const expectedChallenge = await this.challengeIn(answer, null);
    const passkey = await this.passkeys.findOne({ where: { credentialId: response.id } });
    if (passkey === null) throw refused();
    const { householdId, memberId, credentialId, publicKey, counter } = passkey;
    const member = await this.members.find(householdId, memberId);
    try {
      const { verified, authenticationInfo } = await orRefused(() =>
        verifyAuthenticationResponse({
          response,
          expectedChallenge,
          ...expected(site),
          credential: {
            id: credentialId,
            publicKey: new Uint8Array(publicKey),
            counter: Number(counter),
          },
        }),
      );
      const handle = Buffer.from(handleOf(memberId)).toString('base64url');
      if (!verified || response.response.userHandle !== handle) throw refused();
      await passkey.update({ counter: String(authenticationInfo.newCounter), usedAt: new Date() });
    } catch (error) {
      if (error instanceof BadInput) await this.audit.note(member, 'sign-in-refused');
      throw error;
    }
    await this.audit.note(member, 'signed-in');
    return member;
  }

  private of(householdId: Actor['householdId'], memberId: string | null): Promise<PasskeyModel[]> {
    return this.passkeys.findAll({
      where: { householdId, memberId },
      order: [['createdAt', 'ASC']],
    });
  }

  /** Whoever asks, who has a passphrase: a tablet is everybody's, and the machine nobody's. */
  private async memberOf({ householdId, author }: Actor): Promise<MemberModel> {
    if (author.id === null) throw new NotAllowed(message('problems.passkeysAtHome'));
    const member = await this.members.find(householdId, author.id);
    if (member.isTablet) throw new NotAllowed(message('problems.tabletHasNone'));
    return member;
  }

  /** The challenge that an answer is to, which was made for them and is used up by it. */
  private async challengeIn(answer: object, memberId: string | null): Promise<string> {
    const { challenge } = await orRefused(() => {
      const { id, response } = answer as AuthenticationResponseJSON;
      if (typeof id !== 'string') throw new TypeError('An answer has an id');
      return decodeClientDataJSON(response.clientDataJSON);
    });
    if (typeof challenge !== 'string' || !(await this.challenges.take(challenge, memberId)))
      throw refused();
    return challenge;
  }
}

/** What a phone keeps to tell the member again. */
const handleOf = (memberId: string): Uint8Array<ArrayBuffer> => new TextEncoder().encode(memberId);

const expected = ({ name, origin }: Site) => ({
  expectedOrigin: origin,
  expectedRPID: name,
  requireUserVerification: true,
});

/** The same words for whatever is wrong with an answer: it was made by no browser of ours. */
const refused = (): BadInput =>
  new BadInput([{ field: 'answer', message: message('problems.passkeyRefused') }]);

async function orRefused<Answer>(check: () => Answer | Promise<Answer>): Promise<Answer> {
  try {
    return await check();
  } catch {
    throw refused();
  }
}
