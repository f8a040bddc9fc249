import { PasskeyAnswerDto, PasskeyWishDto, type Passkey, type Who } from '@idle-kettle/contract';
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
  Req,
  Res,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import type { Request, Response } from 'express';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { By, Needs, type Actor } from './actor.ts';
import { HOME_DOOR, type HomeDoor } from './door.ts';
import { EntryService } from './entry.service.ts';
import { PasskeysService } from './passkeys.service.ts';
import { addressOf, browserOf } from './remote.ts';
import { siteOf } from './site.ts';
import { FREE_FOR_AN_ADDRESS, TriesService } from './tries.service.ts';

const PasskeyId = idPipe(message('problems.noSuchPasskey'));

@ApiTags('people')
@Controller()
export class PasskeysController {
  constructor(
    private readonly passkeys: PasskeysService,
    private readonly entry: EntryService,
    private readonly tries: TriesService,
    @Inject(HOME_DOOR) private readonly home: HomeDoor | null,
  ) {}

  @Get('passkeys')
  @Needs('own')
  @ApiOperation({ summary: 'One’s own passkeys' })
  list(@By() actor: Actor): Promise<Passkey[]> {
    return this.passkeys.list(actor);
  }

  @Post('passkeys/options')
  @HttpCode(200)
  @Needs('own')
  @ApiOperation({ summary: 'What a browser makes a passkey by, for who says the passphrase' })
  @bodyOf(PasskeyWishDto)
  wish(
    @By() actor: Actor,
    @Req() request: Request,
    @Body() { passphrase }: PasskeyWishDto,
  ): Promise<PublicKeyCredentialCreationOptionsJSON> {
    const site = siteOf(request, this.home);
    return this.passkeys.wish(actor, passphrase, site, addressOf(request));
  }

  @Post('passkeys')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({ summary: 'Keep the passkey that a browser made' })
  @bodyOf(PasskeyAnswerDto)
  add(
    @By() actor: Actor,
    @Req() request: Request,
    @Body() { answer }: PasskeyAnswerDto,
  ): Promise<void> {
    const site = siteOf(request, this.home);
    return this.passkeys.add(actor, answer, site, browserOf(request));
  }

  @Delete('passkeys/:id')
  @HttpCode(204)
  @Needs('own')
  @ApiOperation({ summary: 'Remove a passkey: nobody signs in with it any more' })
  remove(@By() actor: Actor, @Param('id', PasskeyId) id: string): Promise<void> {
    return this.passkeys.remove(actor, id);
  }

  @Post('sign-in/passkey/options')
  @HttpCode(200)
  @Needs('open')
  @ApiOperation({ summary: 'What a browser signs in by with a passkey' })
  async question(@Req() request: Request): Promise<PublicKeyCredentialRequestOptionsJSON> {
    const site = siteOf(request, this.home);
    await this.tries.take(keyOf(request), FREE_FOR_AN_ADDRESS);
    return this.passkeys.question(site);
  }

  @Post('sign-in/passkey')
  @HttpCode(200)
  @Needs('open')
  @ApiOperation({ summary: 'Sign in with a passkey' })
  @bodyOf(PasskeyAnswerDto)
  async signIn(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Body() { answer }: PasskeyAnswerDto,
  ): Promise<Who> {
    const member = await this.passkeys.signIn(answer, siteOf(request, this.home));
    await this.tries.forget(keyOf(request));
    return this.entry.of(request, response, member);
  }
}

/** Each question is a try: without one nothing can be answered. */
const keyOf = (request: Request): string => `passkey ${addressOf(request)}`;
