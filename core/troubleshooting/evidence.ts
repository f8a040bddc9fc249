import { message, type Text } from '@idle-kettle/words/message';
import { convert } from '../quantity/index.ts';
import type { BatchCase } from './batchCase.ts';
import type { FindingId, Findings } from './findings.ts';

/** A finding in words, with its figures; null where it says nothing out of the usual. */
export function evidenceInWords(
  id: FindingId,
  { told, foretold }: Findings,
  of: BatchCase,
): Text | null {
  const level = told[id] ?? foretold[id];
  const { facts, overPct, solublesPct, targetPct, acid, planned } = of;
  const minutes = (value: number | null | undefined) => Math.round(value ?? 0);
  switch (`${id} ${level}`) {
    case 'solids under':
    case 'solids over':
      return message(level === 'under' ? 'trouble.solidsUnder' : 'trouble.solidsOver', {
        pct: (solublesPct ?? 0).toFixed(0),
        targetPct: (targetPct ?? 0).toFixed(0),
        off: Math.abs(overPct ?? 0).toFixed(0),
      });
    case 'solids right':
      return message('trouble.solidsRight', { pct: (solublesPct ?? 0).toFixed(0) });
    case 'acid flat':
    case 'acid sour':
      return message(
        `trouble.${told.acid === undefined ? 'foretold' : 'measured'}${level === 'flat' ? 'Flat' : 'Sour'}`,
        {
          pH: (acid?.pH ?? 0).toFixed(1),
          bound: (level === 'flat' ? (acid?.high ?? 0) : (acid?.low ?? 0)).toFixed(1),
        },
      );
    case 'pectin short':
      return message('trouble.pectinShort');
    case 'pectin lean':
      return message('trouble.pectinLean');
    case 'pectin much':
      return message('trouble.pectinMuch');
    case 'ripeness green':
      return message('trouble.fruitGreen');
    case 'ripeness over':
      return message('trouble.fruitOver');
    case 'boil short':
    case 'boil long':
      return facts.boilMin === undefined
        ? message(level === 'short' ? 'trouble.cookShort' : 'trouble.cookLong', {
            was: minutes(facts.cookMin),
            asked: minutes(planned.cookMin),
          })
        : message(level === 'short' ? 'trouble.boilShort' : 'trouble.boilLong', {
            was: Number(facts.boilMin.toFixed(1)),
            asked: minutes(planned.boilMin),
          });
    case 'doubled yes':
      return message('trouble.doubled', { times: Number((facts.batches ?? 0).toFixed(1)) });
    case 'sugar cut':
    case 'sugar more':
      return message(level === 'cut' ? 'trouble.sugarCut' : 'trouble.sugarMore', {
        pct: Math.round(100 * (facts.sugarShare ?? 0)),
      });
    case 'headspace little':
    case 'headspace much':
      return message(level === 'little' ? 'trouble.headLittle' : 'trouble.headMuch', {
        mm: (facts.headspaceMm ?? 0).toFixed(0),
        inch: convert(facts.headspaceMm ?? 0, 'mm', 'in').toFixed(2),
        usualMm: planned.headspaceMm.toFixed(0),
        usualInch: convert(planned.headspaceMm, 'mm', 'in').toFixed(2),
      });
    case 'boilLost yes':
      return message('trouble.boilWasLost');
    case 'rest short':
      return message('trouble.restShort', { was: minutes(facts.restMin) });
    case 'retightened yes':
      return message('trouble.wasRetightened');
    case 'stand none':
      return message('trouble.standNone', { was: minutes(facts.standMin) });
    case 'stand long':
      return message('trouble.standLong', { was: minutes(facts.standMin) });
    case 'stirring rare':
      return message('trouble.stirredRarely', { every: minutes(facts.stirredMin) });
    case 'stirring constant':
      return message('trouble.stirredAlways');
    case 'pressed yes':
      return message('trouble.wasPressed');
    case 'hardWater yes':
      return message('trouble.waterIsHard');
    case 'rim left':
      return message('trouble.rimLeft');
    case 'lid old':
      return message('trouble.lidUsed');
    case 'warmth warm':
      return message('trouble.keptWarm');
    case 'light light':
      return message('trouble.keptLight');
    case 'age old':
      return message('trouble.keptLong', { months: minutes(facts.monthsOld) });
    case 'jars cold':
      return message('trouble.jarsCold');
    case 'process none':
      return message('trouble.processNone');
    case 'process short':
      return message('trouble.processShort', {
        was: minutes(facts.processedMin),
        asked: planned.processMin ?? 5,
      });
    default:
      return null;
  }
}
