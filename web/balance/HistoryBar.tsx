import { say } from '@idle-kettle/words';
import { Redo2, Undo2, type LucideIcon } from 'lucide-react';
import { memo, type Dispatch } from 'react';
import type { FormulaAction } from './formula.ts';

type Props = {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly dispatch: Dispatch<FormulaAction>;
};

/** Takes changes back, and makes them again. */
export const HistoryBar = memo(({ canUndo, canRedo, dispatch }: Props) => (
  <div className="flex items-center">
    <Step
      name={say('balance.undo')}
      icon={Undo2}
      can={canUndo}
      onStep={() => dispatch({ type: 'undo' })}
    />
    <Step
      name={say('balance.redo')}
      icon={Redo2}
      can={canRedo}
      onStep={() => dispatch({ type: 'redo' })}
    />
  </div>
));
HistoryBar.displayName = 'HistoryBar';

type StepProps = {
  readonly name: string;
  readonly icon: LucideIcon;
  readonly can: boolean;
  readonly onStep: () => void;
};

const Step = ({ name, icon: Icon, can, onStep }: StepProps) => (
  <button
    type="button"
    className="btn btn-square btn-ghost btn-sm wide:btn-xs"
    aria-label={name}
    title={name}
    disabled={!can}
    onClick={onStep}
  >
    <Icon aria-hidden className="size-4" />
  </button>
);
