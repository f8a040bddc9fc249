import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { hashOf } from './secrets.ts';

/** How long somebody may take over a finger or a code, s. */
const FOR_S = 300;

/** What authenticators are asked to sign: each is answered once, soon, and by whom it was made for. */
@Injectable()
export class PasskeyChallengesService {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /** @param memberId null for whoever signs in, who is not known yet */
  async keep(challenge: string, memberId: string | null): Promise<void> {
    await this.database.query('DELETE FROM passkey_challenges WHERE until < now()');
    await this.database.query(
      `INSERT INTO passkey_challenges (challenge_hash, member_id, until)
       VALUES ($1, $2, now() + make_interval(secs => $3))`,
      { bind: [hashOf(challenge), memberId, FOR_S] },
    );
  }

  /** Whether it was made for them and nobody answered it yet; from now on somebody did. */
  async take(challenge: string, memberId: string | null): Promise<boolean> {
    const taken = await this.database.query(
      `DELETE FROM passkey_challenges
       WHERE challenge_hash = $1 AND member_id IS NOT DISTINCT FROM $2::uuid AND until > now()
       RETURNING until`,
      { type: QueryTypes.SELECT, bind: [hashOf(challenge), memberId] },
    );
    return taken.length > 0;
  }
}
