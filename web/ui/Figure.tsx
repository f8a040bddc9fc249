type FigureProps = {
  readonly name: string;
  readonly value: string;
  readonly testId: string;
  readonly aside?: string;
  readonly tone?: string;
  readonly small?: boolean;
  /** On a narrow screen it goes without what stands beside it. */
  readonly brief?: boolean;
  readonly children?: React.ReactNode;
};

/**
 * One figure of a label: its name in the margin, its value in large type, and under it what belongs
 * to it.
 */
export const Figure = ({
  name,
  value,
  aside = '',
  tone = '',
  small = false,
  brief = false,
  testId,
  children,
}: FigureProps) => (
  <div
    className={`grid grid-cols-[3.75rem_minmax(0,1fr)] gap-x-2 border-t border-base-300 pt-1.5 ${brief ? 'max-md:grid-cols-[auto_minmax(0,1fr)]' : ''}`}
  >
    <h3 className="pt-0.5 text-sm font-bold text-secondary">{name}</h3>
    <div className="flex min-w-0 flex-col gap-1">
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span
          data-testid={testId}
          className={`${small ? 'text-base' : 'text-xl'} leading-tight font-bold ${tone}`}
        >
          {value}
        </span>
        {aside !== '' && (
          <span className={`text-sm opacity-80 ${brief ? 'max-md:hidden' : ''}`}>{aside}</span>
        )}
      </p>
      {children}
    </div>
  </div>
);
