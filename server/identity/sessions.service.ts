import type { Role, SignedIn } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, type Transaction, type WhereOptions } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import { sayThat } from '../live/channel.ts';
import type { MemberModel } from './member.model.ts';
import { MemberSessionModel } from './memberSession.model.ts';
import { hashOf, newSecret } from './secrets.ts';

const DAY_MS = 86_400_000;
/** Who asks for nothing for so long is signed out; browsers keep no cookie for longer than the last. */
export const PERSON_DAYS = 30;
export const TABLET_DAYS = 400;
/** How exactly it is known when somebody last asked for anything, ms. */
const SEEN_EVERY_MS = 5 * 60_000;

/** A session that was found by its secret. */
export type OpenSession = {
  readonly id: string;
  readonly householdId: HouseholdId;
  readonly memberId: string;
  readonly name: string;
  readonly role: Role;
  readonly isTablet: boolean;
  readonly seenAt: Date;
};

/** Who is signed in where. Servers keep nothing of it: each request looks it up. */
@Injectable()
export class SessionsService {
  constructor(
    @InjectModel(MemberSessionModel) private readonly sessions: typeof MemberSessionModel,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  /** Signs a member in, under a secret that was never used before; answers with the secret. */
  async begin(member: MemberModel, browser: string): Promise<string> {
    const secret = newSecret();
    await this.sessions.create({
      householdId: member.householdId,
      memberId: member.id,
      secretHash: hashOf(secret),
      browser,
      until: untilOf(member.isTablet),
    });
    return secret;
  }

  /** The session of a secret; null for none, or one that is over. */
  async find(secret: string): Promise<OpenSession | null> {
    const [found] = await this.database.query<OpenSession>(FIND, {
      type: QueryTypes.SELECT,
      bind: [hashOf(secret)],
    });
    if (found === undefined) return null;
    if (Date.now() - found.seenAt.getTime() > SEEN_EVERY_MS)
      await this.sessions.update(
        { seenAt: new Date(), until: untilOf(found.isTablet) },
        { where: { id: found.id } },
      );
    return found;
  }

  /** Where a member is signed in, the last seen first. */
  async list(householdId: HouseholdId, memberId: string, here: string | null): Promise<SignedIn[]> {
    const rows = await this.sessions.findAll({
      where: { householdId, memberId, until: { [Op.gt]: new Date() } },
      order: [['seenAt', 'DESC']],
    });
    return rows.map((row) => ({
      id: row.id,
      browser: row.browser,
      since: row.createdAt.toISOString(),
      seenAt: row.seenAt.toISOString(),
      here: row.id === here,
    }));
  }

  /** Ends sessions, everywhere and at once: live views of theirs are cut off as well. */
  async end(
    householdId: HouseholdId,
    which: WhereOptions<MemberSessionModel>,
    within: Transaction | null = null,
  ): Promise<void> {
    const work = async (transaction: Transaction) => {
      const where = { ...which, householdId } as WhereOptions<MemberSessionModel>;
      const rows = await this.sessions.findAll({ attributes: ['id'], where, transaction });
      await this.sessions.destroy({ where, transaction });
      for (const { id } of rows)
        await this.database.query(sayThat({ signedOut: id }), { transaction });
    };
    await (within === null ? this.database.transaction(work) : work(within));
  }
}

const untilOf = (isTablet: boolean): Date =>
  new Date(Date.now() + (isTablet ? TABLET_DAYS : PERSON_DAYS) * DAY_MS);

const FIND = `
  SELECT session.id, session.household_id AS "householdId", session.member_id AS "memberId",
    session.seen_at AS "seenAt", member.name, member.role, member.is_tablet AS "isTablet"
  FROM member_sessions AS session
  JOIN members AS member ON member.id = session.member_id
  WHERE session.secret_hash = $1 AND session.until > now()`;
