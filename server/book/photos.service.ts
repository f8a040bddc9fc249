import { MOST_PHOTOS, type Photo } from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { literal } from 'sequelize';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { Conflict, NotFound } from '../problem/errors.ts';
import { PhotoModel } from './photo.model.ts';
import { madeSmall } from './smallPhoto.ts';

const LENGTH = literal('octet_length(jpeg)');

const answer = (row: PhotoModel): Photo => ({
  id: row.id,
  width: row.width,
  height: row.height,
  bytes: row.get('bytes') as number,
  takenAt: row.createdAt.toISOString(),
});

/** Pictures of cooks. */
@Injectable()
export class PhotosService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(PhotoModel) private readonly photos: typeof PhotoModel,
  ) {}

  /** The pictures of a cook, the first taken first; not the pictures themselves. */
  async list(householdId: HouseholdId, sessionId: string): Promise<Photo[]> {
    const rows = await this.photos.findAll({
      attributes: ['id', 'width', 'height', 'createdAt', [LENGTH, 'bytes']],
      where: { householdId, sessionId },
      order: [['createdAt', 'ASC']],
    });
    return rows.map(answer);
  }

  /**
   * Keeps a picture, made small: upright, without where and with what it was taken. Asked twice
   * with the same id, there is one.
   * @param sent reads it, once it is known that it is wanted
   */
  async add(
    { householdId, author }: Actor,
    sessionId: string,
    id: string,
    sent: () => Promise<Buffer>,
  ): Promise<Photo> {
    const session = await this.sessions.findOne({
      attributes: ['id', 'batchId'],
      where: { id: sessionId, householdId },
    });
    if (session === null || session.batchId === null)
      throw new NotFound(message('problems.noSuchCook'));
    const there = await this.list(householdId, sessionId);
    const same = there.find((photo) => photo.id === id);
    if (same !== undefined) return same;
    if (there.length >= MOST_PHOTOS)
      throw new Conflict(message('problems.mostPhotos', { most: MOST_PHOTOS }));
    const made = await madeSmall(await sent());
    await this.photos.bulkCreate(
      [{ id, householdId, sessionId, ...made, byKind: author.kind, byId: author.id }],
      { ignoreDuplicates: true },
    );
    const kept = (await this.list(householdId, sessionId)).find((photo) => photo.id === id);
    if (kept === undefined) throw new NotFound(message('problems.noSuchPhoto'));
    return kept;
  }

  /** The picture itself, JPEG. Of another household it is not there. */
  async jpeg(householdId: HouseholdId, id: string, isSmall: boolean): Promise<Buffer> {
    const field = isSmall ? 'small' : 'jpeg';
    const row = await this.photos.findOne({ attributes: [field], where: { id, householdId } });
    if (row === null) throw new NotFound(message('problems.noSuchPhoto'));
    return row[field];
  }

  async remove(householdId: HouseholdId, id: string): Promise<void> {
    const gone = await this.photos.destroy({ where: { id, householdId } });
    if (gone === 0) throw new NotFound(message('problems.noSuchPhoto'));
  }
}
