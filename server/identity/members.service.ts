import type {
  Invite,
  InviteDto,
  JoinDto,
  Member,
  NewInvite,
  Role,
  SignInDto,
  SignUpDto,
} from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { fn, literal, Op, UniqueConstraintError, where, col, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { HouseholdModel, type HouseholdId } from '../household/household.model.ts';
import { HouseholdService } from '../household/household.service.ts';
import { BadInput, Conflict, NotAllowed, NotFound } from '../problem/errors.ts';
import type { Actor } from './actor.ts';
import { AuditService } from './audit.service.ts';
import { InviteModel } from './invite.model.ts';
import { MemberModel } from './member.model.ts';
import { hashOfPassphrase, isPassphrase } from './passphrases.ts';
import { mustBeStrong } from './passphraseStrength.ts';
import { hashOf, newSecret } from './secrets.ts';
import { SessionsService } from './sessions.service.ts';
import { FREE_FOR_AN_ADDRESS, TriesService } from './tries.service.ts';

const INVITE_MS = 48 * 3_600_000;

/** Who belongs to a household, and as what. */
@Injectable()
export class MembersService {
  constructor(
    @InjectModel(MemberModel) private readonly members: typeof MemberModel,
    @InjectModel(InviteModel) private readonly invites: typeof InviteModel,
    @InjectModel(HouseholdModel) private readonly households: typeof HouseholdModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly own: HouseholdService,
    private readonly sessions: SessionsService,
    private readonly tries: TriesService,
    private readonly audit: AuditService,
  ) {}

  /** Whether the household of this machine has a keeper who can sign in. */
  async hasKeeper(householdId: HouseholdId): Promise<boolean> {
    const where = { householdId, role: 'keeper', passphraseHash: { [Op.ne]: null } };
    return (await this.members.count({ where })) > 0;
  }

  /** The first to keep the household of this machine: everything in it is theirs. */
  async signUp({ household, name, passphrase }: SignUpDto): Promise<MemberModel> {
    await mustBeStrong(passphrase, [household, name]);
    const passphraseHash = await hashOfPassphrase(passphrase);
    const { id: householdId } = await this.own.ofThisMachine();
    return this.database.transaction(async (transaction) => {
      await this.households.findByPk(householdId, { transaction, lock: true });
      if ((await this.members.count({ where: { householdId }, transaction })) > 0)
        throw new Conflict(message('problems.alreadyKept'));
      await this.households.update(
        { name: household },
        { where: { id: householdId }, transaction },
      );
      const member = await this.add(
        { householdId, name, role: 'keeper', isTablet: false, passphraseHash },
        transaction,
      );
      await this.audit.note({ householdId, name }, 'signed-up', household, transaction);
      return member;
    });
  }

  /**
   * The member who goes by a name and a passphrase. Each wrong one makes the next wait, for whoever
   * tries from the same address; nobody else is held up.
   */
  async signIn({ name, passphrase }: SignInDto, address: string): Promise<MemberModel> {
    const keys = [`sign-in ${name.toLowerCase()} ${address}`, `sign-in ${address}`];
    await this.tries.take(keys[0] ?? '');
    await this.tries.take(keys[1] ?? '', FREE_FOR_AN_ADDRESS);
    const member = await this.named(name);
    if (!(await isPassphrase(member?.passphraseHash ?? null, passphrase)) || member === null) {
      if (member !== null) await this.audit.note(member, 'sign-in-refused');
      throw new BadInput([{ field: 'passphrase', message: message('problems.wrongPassphrase') }]);
    }
    for (const key of keys) await this.tries.forget(key);
    await this.audit.note(member, 'signed-in');
    return member;
  }

  async list(householdId: HouseholdId): Promise<Member[]> {
    const rows = await this.members.findAll({
      attributes: {
        include: [
          [
            literal(
              '(SELECT max(seen_at) FROM member_sessions WHERE member_id = "MemberModel".id AND until > now())',
            ),
            'seenAt',
          ],
        ],
      },
      where: { householdId },
      order: [['createdAt', 'ASC']],
    });
    return rows.map((row) => ({
      id: row.id,
      name: row.name,
      role: row.role,
      tablet: row.isTablet,
      joinedAt: row.createdAt.toISOString(),
      seenAt: (row.get('seenAt') as Date | null)?.toISOString() ?? null,
    }));
  }

  async find(householdId: HouseholdId, id: string): Promise<MemberModel> {
    const row = await this.members.findOne({ where: { id, householdId } });
    if (row === null) throw new NotFound(message('problems.noSuchMember'));
    return row;
  }

  /** Asks somebody in: the code is told once, and lets one of them in. */
  async invite(actor: Actor, { role, who }: InviteDto): Promise<NewInvite> {
    if (who === 'tablet' && role === 'keeper')
      throw new BadInput([{ field: 'role', message: message('problems.tabletIsNoKeeper') }]);
    const code = newSecret();
    const { householdId } = actor;
    const row = await this.invites.create({
      householdId,
      role,
      who,
      secretHash: hashOf(code),
      until: new Date(Date.now() + INVITE_MS),
    });
    await this.audit.note(actor, 'invited', role);
    return { ...inviteOf(row), code };
  }

  async invitations(householdId: HouseholdId): Promise<Invite[]> {
    const rows = await this.invites.findAll({
      where: { householdId, until: { [Op.gt]: new Date() } },
      order: [['createdAt', 'DESC']],
    });
    return rows.map(inviteOf);
  }

  async withdraw(actor: Actor, id: string): Promise<void> {
    const { householdId } = actor;
    const gone = await this.invites.destroy({ where: { id, householdId } });
    if (gone > 0) await this.audit.note(actor, 'invite-withdrawn');
  }

  /** Takes an invitation. A wrong, an old and a used code are refused in the same words. */
  async join({ code, name, passphrase }: JoinDto, address: string): Promise<MemberModel> {
    await this.tries.take(`join ${address}`, FREE_FOR_AN_ADDRESS);
    const found = await this.invitationOf(code);
    if (found === null) throw new NotFound(message('problems.noSuchInvite'));
    const isTablet = found.who === 'tablet';
    if (!isTablet && passphrase === undefined)
      throw new BadInput([{ field: 'passphrase', message: message('problems.passphraseNeeded') }]);
    if (passphrase !== undefined) await mustBeStrong(passphrase, [name]);
    const passphraseHash =
      isTablet || passphrase === undefined ? null : await hashOfPassphrase(passphrase);
    const member = await this.database.transaction(async (transaction) => {
      const { householdId, role } = found;
      // Of two who take it at once, one does.
      const taken = await this.invites.destroy({ where: { id: found.id }, transaction });
      if (taken === 0) throw new NotFound(message('problems.noSuchInvite'));
      const one = await this.add(
        { householdId, name, role, isTablet, passphraseHash },
        transaction,
      );
      await this.audit.note({ householdId, name }, 'joined', role, transaction);
      return one;
    });
    await this.tries.forget(`join ${address}`);
    return member;
  }

  /** What an invitation is for, as long as nobody took it. */
  async invitationOf(code: string): Promise<InviteModel | null> {
    return this.invites.findOne({
      where: { secretHash: hashOf(code), until: { [Op.gt]: new Date() } },
    });
  }

  /** Makes somebody something else. What they may not do any more they cannot from then on. */
  async setRole(actor: Actor, id: string, role: Role): Promise<void> {
    const { householdId } = actor;
    await this.database.transaction(async (transaction) => {
      const member = await this.locked(householdId, id, transaction);
      if (member.isTablet && role === 'keeper')
        throw new BadInput([{ field: 'role', message: message('problems.tabletIsNoKeeper') }]);
      if (role !== 'keeper') await this.mustLeaveAKeeper(member, transaction);
      await member.update({ role }, { transaction });
      await this.audit.note(actor, 'role-changed', `${member.name}: ${role}`, transaction);
    });
  }

  async remove(actor: Actor, id: string): Promise<void> {
    const { householdId } = actor;
    await this.database.transaction(async (transaction) => {
      const member = await this.locked(householdId, id, transaction);
      await this.mustLeaveAKeeper(member, transaction);
      await this.sessions.end(householdId, { memberId: id }, transaction);
      await member.destroy({ transaction });
      await this.audit.note(actor, 'member-removed', member.name, transaction);
    });
  }

  /**
   * Gives a member another passphrase, and ends every session of theirs but the one that asks. Who
   * is signed in says the old one; a keeper at the machine itself need not, which is the way back in
   * for who forgot it.
   */
  async setPassphrase(
    actor: Actor,
    id: string,
    passphrase: string,
    current: string | undefined,
    address: string,
  ): Promise<void> {
    const member = await this.find(actor.householdId, id);
    if (member.isTablet) throw new NotAllowed(message('problems.tabletHasNone'));
    const isAtTheMachine = actor.author.kind === 'machine';
    if (!isAtTheMachine && actor.author.id !== id)
      throw new NotAllowed(message('problems.notYours'));
    if (!isAtTheMachine) await this.mustKnow(member, current ?? '', 'current', address);
    await mustBeStrong(passphrase, [member.name]);
    const passphraseHash = await hashOfPassphrase(passphrase);
    await this.database.transaction(async (transaction) => {
      await member.update({ passphraseHash }, { transaction });
      const others =
        actor.sessionId === null
          ? { memberId: id }
          : { memberId: id, id: { [Op.ne]: actor.sessionId } };
      await this.sessions.end(actor.householdId, others, transaction);
      await this.audit.note(actor, 'passphrase-changed', member.name, transaction);
    });
  }

  /** Whoever is signed in shows that they know their passphrase, as if they signed in again. */
  async mustKnow(
    { name, passphraseHash }: MemberModel,
    passphrase: string,
    field: string,
    address: string,
  ): Promise<void> {
    const key = `sign-in ${name.toLowerCase()} ${address}`;
    await this.tries.take(key);
    if (!(await isPassphrase(passphraseHash, passphrase)))
      throw new BadInput([{ field, message: message('problems.wrongPassphrase') }]);
    await this.tries.forget(key);
  }

  private named(name: string): Promise<MemberModel | null> {
    return this.members.findOne({ where: where(fn('lower', col('name')), fn('lower', name)) });
  }

  private async add(
    row: Pick<MemberModel, 'householdId' | 'name' | 'role' | 'isTablet' | 'passphraseHash'>,
    transaction: Transaction,
  ): Promise<MemberModel> {
    try {
      return await this.members.create(row, { transaction });
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw new Conflict(message('problems.nameTaken'), [
        { field: 'name', message: message('problems.nameTaken') },
      ]);
    }
  }

  private async locked(
    householdId: HouseholdId,
    id: string,
    transaction: Transaction,
  ): Promise<MemberModel> {
    // All of a household change one after another, so that two keepers cannot both go.
    await this.households.findByPk(householdId, { transaction, lock: true });
    const member = await this.members.findOne({ where: { id, householdId }, transaction });
    if (member === null) throw new NotFound(message('problems.noSuchMember'));
    return member;
  }

  private async mustLeaveAKeeper(
    { id, householdId, role }: MemberModel,
    transaction: Transaction,
  ): Promise<void> {
    if (role !== 'keeper') return;
    const others = await this.members.count({
      where: { householdId, role: 'keeper', id: { [Op.ne]: id } },
      transaction,
    });
    if (others === 0) throw new Conflict(message('problems.lastKeeper'));
  }
}

const inviteOf = ({ id, role, who, until }: InviteModel): Invite => ({
  id,
  role,
  who,
  until: until.toISOString(),
});
