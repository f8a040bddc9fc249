import type { ForgetDto, Knowledge } from '@idle-kettle/contract';
import { HEAT_SOURCES, UNNAMED_BURNER, USUAL_REQUEST } from '@idle-kettle/core';
import {
  thingOf,
  type CookEvidence,
  type CookTold,
  type TaughtBurner,
} from '@idle-kettle/core/learning';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { BadInput } from '../problem/errors.ts';

/** The last cooks of a household that are looked at for what it knows. */
const MOST_LOOKED_AT = 200;

type Row = {
  readonly id: string;
  readonly name: string;
  readonly cookedAt: Date;
  readonly burner: string;
  readonly pot: string;
  readonly powerW: number;
  readonly evidence: CookEvidence;
};

/** What a kitchen has learned from its cooks, and from which. */
@Injectable()
export class KnowledgeService {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly kitchens: KitchenService,
    private readonly planning: PlanningService,
  ) {}

  /** Works out what a kitchen knows from what its cooks told, and keeps that for its plans. */
  async learn(householdId: HouseholdId): Promise<void> {
    const [cooks, burners, forgotten] = await Promise.all([
      this.cooks(householdId),
      this.burners(householdId),
      this.kitchens.forgotten(householdId),
    ]);
    const knowledge = await this.planning.runPlan('knowledge', {
      burners,
      cooks: cooks.map(told),
      forgotten,
    });
    await this.kitchens.keepKnowledge(householdId, knowledge);
  }

  /** Everything that a kitchen knows, with what it rests on, cook by cook. */
  async find(householdId: HouseholdId): Promise<Knowledge> {
    const [cooks, burners, forgotten, kitchen] = await Promise.all([
      this.cooks(householdId),
      this.burners(householdId),
      this.kitchens.forgotten(householdId),
      this.kitchens.current(householdId),
    ]);
    const stories = await this.planning.runInteractive('stories', {
      burners,
      cooks: cooks.map(told),
      forgotten,
    });
    return {
      stories,
      cooks: cooks.map(({ id, name, cookedAt }) => ({
        id,
        name,
        cookedAt: cookedAt.toISOString(),
      })),
      burners: kitchen.burners.map(({ id, name }) => ({ id: id ?? name, name })),
      pots: kitchen.pots.map(({ id, name }) => ({ id: id ?? name, name })),
    };
  }

  /** Forgets one estimate: no cook up to now tells of it any more. */
  async forget(
    householdId: HouseholdId,
    { what, burner = null, of = null }: ForgetDto,
  ): Promise<void> {
    const now = Date.now();
    const { stories } = await this.find(householdId);
    const story = stories.find(
      (one) => one.what === what && one.burner === burner && one.of === of,
    );
    if (story === undefined)
      throw new BadInput([{ field: 'what', message: message('problems.nothingToForget') }]);
    const thing = thingOf(story);
    await this.kitchens.setForgotten(householdId, (forgotten) =>
      thing === null
        ? { ...forgotten, [what]: now }
        : { ...forgotten, [what]: { ...thingsOf(forgotten[what]), [thing]: now } },
    );
    await this.learn(householdId);
  }

  /** Every household that has a kitchen. */
  async households(): Promise<readonly HouseholdId[]> {
    const rows = await this.database.query<{ id: HouseholdId }>(
      'SELECT household_id AS id FROM kitchens ORDER BY household_id',
      { type: QueryTypes.SELECT },
    );
    return rows.map(({ id }) => id);
  }

  private async burners(householdId: HouseholdId): Promise<readonly TaughtBurner[]> {
    const { burners } = await this.kitchens.current(householdId);
    if (burners.length === 0)
      return [{ id: UNNAMED_BURNER, powerW: HEAT_SOURCES[USUAL_REQUEST.heat].powerW }];
    return burners.map(({ id, name, heat }) => ({
      id: id ?? name,
      powerW: HEAT_SOURCES[heat].powerW,
    }));
  }

  /** What the cooks of a household told, the first first. */
  private async cooks(householdId: HouseholdId): Promise<readonly Row[]> {
    const rows = await this.database.query<Row>(COOKS, {
      type: QueryTypes.SELECT,
      bind: [householdId],
    });
    return rows.toReversed();
  }
}

/** What was forgotten of each thing before. */
const thingsOf = (before: number | { readonly [thing: string]: number } | undefined) =>
  typeof before === 'object' ? before : {};

const COOKS = `
  SELECT record.session_id AS id, session.name, record.cooked_at AS "cookedAt", record.burner,
    record.pot,
    record.power_w AS "powerW", record.evidence
  FROM book_records AS record
  JOIN cook_sessions AS session ON session.id = record.session_id
  WHERE record.household_id = $1::uuid
  ORDER BY record.cooked_at DESC, record.session_id
  LIMIT ${MOST_LOOKED_AT}`;

const told = ({ id, cookedAt, burner, pot, powerW, evidence }: Row): CookTold => ({
  cook: id,
  at: cookedAt.getTime(),
  burner,
  pot,
  powerW,
  evidence,
});
