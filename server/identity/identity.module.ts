import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { HouseholdModel } from '../household/household.model.ts';
import { HouseholdModule } from '../household/household.module.ts';
import { ActorGuard } from './actor.guard.ts';
import { ActorsService } from './actors.service.ts';
import { AuditEventModel } from './auditEvent.model.ts';
import { AuditService } from './audit.service.ts';
import { DeviceModel } from './device.model.ts';
import { DevicesController } from './devices.controller.ts';
import { DevicesService } from './devices.service.ts';
import { HOME_DOOR, type HomeDoor } from './door.ts';
import { IdentityController } from './identity.controller.ts';
import { InviteModel } from './invite.model.ts';
import { MemberModel } from './member.model.ts';
import { MembersService } from './members.service.ts';
import { MemberSessionModel } from './memberSession.model.ts';
import { EntryService } from './entry.service.ts';
import { PasskeyModel } from './passkey.model.ts';
import { PasskeyChallengesService } from './passkeyChallenges.service.ts';
import { PasskeysController } from './passkeys.controller.ts';
import { PasskeysService } from './passkeys.service.ts';
import { PairingCodeModel } from './pairingCode.model.ts';
import { SessionsService } from './sessions.service.ts';
import { TriesService } from './tries.service.ts';
import { WhoService } from './who.service.ts';

/** Who asks: households, members, sessions and devices, and the guard before every route. */
@Global()
@Module({})
export class IdentityModule {
  static with(home: HomeDoor | null): DynamicModule {
    return {
      module: IdentityModule,
      imports: [
        HouseholdModule,
        SequelizeModule.forFeature([
          HouseholdModel,
          MemberModel,
          MemberSessionModel,
          InviteModel,
          DeviceModel,
          PairingCodeModel,
          PasskeyModel,
          AuditEventModel,
          CookSessionModel,
        ]),
      ],
      controllers: [IdentityController, PasskeysController, DevicesController],
      providers: [
        { provide: HOME_DOOR, useValue: home },
        ActorsService,
        SessionsService,
        TriesService,
        MembersService,
        DevicesService,
        AuditService,
        WhoService,
        EntryService,
        PasskeysService,
        PasskeyChallengesService,
        { provide: APP_GUARD, useClass: ActorGuard },
      ],
      exports: [DevicesService, AuditService, HOME_DOOR, SessionsService],
    };
  }
}
