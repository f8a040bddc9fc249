import { say } from '@idle-kettle/words';
/** Where the figures at the jars come from. */
export const WhereFrom = () => (
  <details className="text-base">
    <summary className="cursor-pointer text-lg font-bold">
      {say('jars.whereDoTheseFiguresCome')}
    </summary>
    <dl className="mt-1 flex flex-col gap-2">
      <div>
        <dt className="font-bold">{say('jars.minutesAtTheBoil')}</dt>
        <dd>{say('jars.fromMemoryOfTheUsda')}</dd>
      </div>
      <div>
        <dt className="font-bold">{say('jars.whatIsInThePot')}</dt>
        <dd>{say('jars.whatYouMeasuredOtherwiseThe')}</dd>
      </div>
      <div>
        <dt className="font-bold">{say('jars.jarsInACanner')}</dt>
        <dd>{say('jars.fromHowManyHalfPints')}</dd>
      </div>
      <div>
        <dt className="font-bold">{say('jars.minutesToTheBoil')}</dt>
        <dd>{say('jars.theHeatForWaterGlass')}</dd>
      </div>
      <div>
        <dt className="font-bold">{say('jars.restCoolingADayFor')}</dt>
        <dd>{say('jars.commonPractice5Minutes12')}</dd>
      </div>
    </dl>
  </details>
);
