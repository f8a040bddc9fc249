import {
  InviteDto,
  JoinDto,
  PassphraseDto,
  RoleDto,
  SignInDto,
  SignUpDto,
  type AuditEvent,
  type Invite,
  type Member,
  type NewInvite,
  type SignedIn,
  type Who,
} from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Inject,
  Param,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { bodyOf } from '../openapi.ts';
import { NotAllowed, NotFound } from '../problem/errors.ts';
import { idPipe } from '../problem/idPipe.ts';
import { By, MayBeBy, Needs, type Actor } from './actor.ts';
import { AuditService } from './audit.service.ts';
import { dropSecret, secretIn } from './cookie.ts';
import { doorOf, HOME_DOOR, type HomeDoor } from './door.ts';
import { EntryService } from './entry.service.ts';
import type { MemberModel } from './member.model.ts';
import { MembersService } from './members.service.ts';
import { addressOf } from './remote.ts';
import { SessionsService } from './sessions.service.ts';
import { WhoService } from './who.service.ts';

const MemberId = idPipe(message('problems.noSuchMember'));
const SomeId = idPipe(message('problems.noSuchThing'));

@ApiTags('people')
@Controller()
export class IdentityController {
  constructor(
    private readonly members: MembersService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly whoever: WhoService,
    private readonly entry: EntryService,
    @Inject(HOME_DOOR) private readonly home: HomeDoor | null,
  ) {}

  @Get('who')
  @Needs('open')
  @ApiOperation({ summary: 'Who asks, of which household, and what they may' })
  who(@Req() request: Request, @MayBeBy() actor: Actor | null): Promise<Who> {
    return this.whoever.of(request, actor, secretIn(request));
  }

  @Post('sign-up')
  @Needs('open')
  @ApiOperation({ summary: 'Become the keeper of the household of this machine, at the machine' })
  @bodyOf(SignUpDto)
  async signUp(@Req() request: Request, @Body() dto: SignUpDto): Promise<Who> {
    if (doorOf(request, this.home) !== 'loopback')
      throw new NotAllowed(message('problems.signUpAtTheMachine'));
    await this.members.signUp(dto);
    return this.whoever.atTheMachine();
  }

  @Post('sign-in')
  @HttpCode(200)
  @Needs('open')
  @ApiOperation({ summary: 'Sign in by name and passphrase' })
  @bodyOf(SignInDto)
  async signIn(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Body() dto: SignInDto,
  ): Promise<Who> {
    const member = await this.members.signIn(dto, addressOf(request));
    return this.entry.of(request, response, member);
  }

  @Get('join/:code')
  @Needs('open')
  @ApiOperation({ summary: 'What an invitation is for' })
  async invitation(@Param('code') code: string): Promise<Pick<Invite, 'role' | 'who'>> {
    const found = await this.members.invitationOf(code);
    if (found === null) throw new NotFound(message('problems.noSuchInvite'));
    return { role: found.role, who: found.who };
  }

  @Post('join')
  @HttpCode(200)
  @Needs('open')
  @ApiOperation({ summary: 'Take an invitation, and be signed in' })
  @bodyOf(JoinDto)
  async join(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Body() dto: JoinDto,
  ): Promise<Who> {
    const member = await this.members.join(dto, addressOf(request));
    return this.entry.of(request, response, member);
  }

  @Post('sign-out')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({ summary: 'Sign out here' })
  async signOut(@By() actor: Actor, @Res({ passthrough: true }) response: Response): Promise<void> {
    dropSecret(response);
    if (actor.sessionId === null) return;
    await this.sessions.end(actor.householdId, { id: actor.sessionId });
    await this.audit.note(actor, 'signed-out');
  }

  @Get('members')
  @Needs('look')
  @ApiOperation({ summary: 'Who belongs to the household' })
  list(@By() { householdId }: Actor): Promise<Member[]> {
    return this.members.list(householdId);
  }

  @Put('members/:id/role')
  @HttpCode(204)
  @Needs('people')
  @ApiOperation({ summary: 'Make somebody a keeper, a helper or a viewer' })
  @bodyOf(RoleDto)
  setRole(
    @By() actor: Actor,
    @Param('id', MemberId) id: string,
    @Body() { role }: RoleDto,
  ): Promise<void> {
    return this.members.setRole(actor, id, role);
  }

  @Put('members/:id/passphrase')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({
    summary: 'Change a passphrase; whoever used the old one elsewhere is signed out',
  })
  @bodyOf(PassphraseDto)
  setPassphrase(
    @By() actor: Actor,
    @Req() request: Request,
    @Param('id', MemberId) id: string,
    @Body() { passphrase, current }: PassphraseDto,
  ): Promise<void> {
    return this.members.setPassphrase(actor, id, passphrase, current, addressOf(request));
  }

  @Delete('members/:id')
  @HttpCode(204)
  @Needs('people')
  @ApiOperation({ summary: 'Take somebody out of the household' })
  remove(@By() actor: Actor, @Param('id', MemberId) id: string): Promise<void> {
    return this.members.remove(actor, id);
  }

  @Get('members/:id/sessions')
  @Needs('own')
  @ApiOperation({ summary: 'Where a member is signed in' })
  async signedIn(@By() actor: Actor, @Param('id', MemberId) id: string): Promise<SignedIn[]> {
    await this.mustBeOwn(actor, id);
    return this.sessions.list(actor.householdId, id, actor.sessionId);
  }

  @Delete('members/:id/sessions')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({ summary: 'Sign a member out everywhere' })
  async signOutEverywhere(@By() actor: Actor, @Param('id', MemberId) id: string): Promise<void> {
    const member = await this.mustBeOwn(actor, id);
    await this.sessions.end(actor.householdId, { memberId: id });
    await this.audit.note(actor, 'signed-out-everywhere', member.name);
  }

  @Delete('members/:id/sessions/:session')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({ summary: 'Sign a member out of one browser' })
  async signOutOf(
    @By() actor: Actor,
    @Param('id', MemberId) id: string,
    @Param('session', SomeId) session: string,
  ): Promise<void> {
    const member = await this.mustBeOwn(actor, id);
    await this.sessions.end(actor.householdId, { id: session, memberId: id });
    await this.audit.note(actor, 'signed-out', member.name);
  }

  @Get('invites')
  @Needs('people')
  @ApiOperation({ summary: 'The invitations that nobody took yet' })
  invitations(@By() { householdId }: Actor): Promise<Invite[]> {
    return this.members.invitations(householdId);
  }

  @Post('invites')
  @Needs('people')
  @ApiOperation({ summary: 'Invite somebody, or a kitchen tablet' })
  @bodyOf(InviteDto)
  invite(@By() actor: Actor, @Body() dto: InviteDto): Promise<NewInvite> {
    return this.members.invite(actor, dto);
  }

  @Delete('invites/:id')
  @HttpCode(204)
  @Needs('people')
  @ApiOperation({ summary: 'Withdraw an invitation' })
  withdraw(@By() actor: Actor, @Param('id', SomeId) id: string): Promise<void> {
    return this.members.withdraw(actor, id);
  }

  @Get('audit')
  @Needs('people')
  @ApiOperation({ summary: 'Who signed in, deleted, changed roles and confirmed storage' })
  events(@By() { householdId }: Actor): Promise<AuditEvent[]> {
    return this.audit.list(householdId);
  }

  /** One’s own, or anybody’s for who says who belongs to the household. */
  private async mustBeOwn(actor: Actor, id: string): Promise<MemberModel> {
    const member = await this.members.find(actor.householdId, id);
    if (actor.author.id !== id && actor.role !== 'keeper')
      throw new NotAllowed(message('problems.notYours'));
    return member;
  }
}
