import { say, textOf } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import {
  fruitGramsOf,
  readMethodText,
  type MethodFinding,
  goesFirst,
  PRETREATMENT_FACTS,
  type Formula,
  type GaugeId,
  type Plan,
  type PlanRequest,
  type PretreatmentKind,
} from '@idle-kettle/core';
import { useCallback, useEffect, useRef, useState, type Dispatch } from 'react';
import { planner } from '../workers/planner.ts';
import { formulaOf, type FormulaAction } from './formula.ts';
import { readPasted } from './pasted.ts';
import { MOST_NAME_CHARS } from './saverState.ts';
import { toldBy } from './useFormula.ts';
import { useAsk } from './useSlowQuestion.ts';

type Asked = {
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly plan: Plan | null;
  /** The last plan with its ranges. */
  readonly settled: Plan | null;
  readonly dispatch: Dispatch<FormulaAction>;
};

/**
 * What is asked of a formula, and what its answers change: sticks, a formula for the fruit, pots,
 * what is pasted, what is done first.
 */
export function useFormulaQuestions({ formula, kitchen, plan, settled, dispatch }: Asked) {
  const { settings } = formula;
  const [notice, setNotice] = useState<string | null>(null);
  const [found, setFound] = useState<readonly MethodFinding[]>([]);
  const take = useCallback(
    (request: PlanRequest | null, did: string) => {
      if (request === null) {
        setNotice(say('balance.fixTheHighlightedLinesFirst'));
        return;
      }
      setNotice(null);
      dispatch({ type: 'take', formula: formulaOf(request, settings), did });
    },
    [settings, dispatch],
  );
  const latest = useRef({ take });
  useEffect(() => {
    latest.current = { take };
  });
  const { onAsk, unanswered } = useAsk(formula);
  const onTurn = useCallback(
    (gauge: GaugeId, value: number) =>
      onAsk(
        (now) => planner.ask((of) => of.turn(now, kitchen, gauge, value)),
        (request) => latest.current.take(request, say('balance.changed', { gauge })),
      ),
    [kitchen, onAsk],
  );

  const [working, setWorking] = useState(false);
  /** A formula for the fruit that is written, or for that of a line. */
  const workOut = useCallback(
    (line: string | null) => {
      setWorking(true);
      onAsk(
        (now) =>
          planner.ask((of) => of.workOut(line === null ? now : { ...now, lines: [line] }, kitchen)),
        (found) => {
          if (found.outcome === 'found') {
            latest.current.take(found.request, say('balance.suggestedAFormula'));
            return;
          }
          setNotice(textOf(found.faults.map(({ message }) => message)));
          // What was not understood is asked about where it stands.
          if (line !== null) dispatch({ type: 'paste', index: 0, lines: [line] });
        },
        () => setWorking(false),
      );
    },
    [kitchen, onAsk, dispatch],
  );
  const workOutWritten = useCallback(() => workOut(null), [workOut]);

  const onPaste = useCallback(
    (index: number, text: string, after = false) => {
      const pasted = readPasted(text, kitchen.measures);
      if (!pasted.ok) return setNotice(pasted.message);
      const says = readMethodText(pasted.rest);
      setFound(says);
      // What the method says is shown in full; else its steps are named as skipped.
      setNotice(
        pasted.rest.length === 0 || says.length > 0
          ? null
          : say('balance.skipped', {
              slice: pasted.rest.slice(0, 3).join(' · ').slice(0, 160),
              part: pasted.rest.length > 3 ? ' …' : '',
            }),
      );
      dispatch({
        type: 'paste',
        index,
        after,
        lines: pasted.lines,
        name: pasted.name.slice(0, MOST_NAME_CHARS),
        settings: { ...toldBy(pasted.name), ...pasted.settings },
      });
    },
    [dispatch, kitchen.measures],
  );

  const onSplit = useCallback(
    (pots: number) =>
      onAsk(
        (now) =>
          planner.ask((of) => of.solve(now, kitchen, { fruitG: fruitGramsOf(settled) / pots })),
        (found) => {
          if (found.outcome === 'solved')
            latest.current.take(found.request, say('balance.splitIntoPots', { pots }));
        },
      ),
    [kitchen, settled, onAsk],
  );

  /** What comes first, with the whole fruit of the pot moved into it. */
  const startFirst = useCallback(
    (kind: PretreatmentKind, hours: number | null = null) => {
      const goes = (index: number) => goesFirst(kind, plan?.lines[index]);
      const lines = formula.lines.filter((_, index) => goes(index));
      dispatch({
        type: 'take',
        formula: {
          lines: formula.lines.filter((_, index) => !goes(index)),
          settings: { ...settings, before: { kind, lines, ...(hours === null ? {} : { hours }) } },
        },
        did: say('balance.firstStep', { name: PRETREATMENT_FACTS[kind].name }),
      });
    },
    [formula, plan, settings, dispatch],
  );

  const closeFound = useCallback(() => setFound([]), []);

  return {
    notice,
    found,
    closeFound,
    take,
    onTurn,
    workOut,
    workOutWritten,
    working,
    onPaste,
    onSplit,
    startFirst,
    onAsk,
    unanswered,
  };
}
