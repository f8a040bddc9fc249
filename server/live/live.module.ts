import { Module } from '@nestjs/common';
import { ListenerService } from './listener.service.ts';

@Module({ providers: [ListenerService], exports: [ListenerService] })
export class LiveModule {}
