type FigureProps = {
  readonly name: string;
  readonly value: string;
  readonly testId: string;
  readonly aside?: string;
  readonly tone?: string;
  readonly small?: boolean;
  readonly children?: React.ReactNode;
};

/** One figure of the label: its name, its value in large type, and what belongs under it. */
export const Figure = ({
  name,
  value,
  aside = '',
  tone = '',
  small = false,
  testId,
  children,
}: FigureProps) => (
  <div className="flex flex-col gap-1">
    <h3 className="text-sm font-bold text-secondary">{name}</h3>
    <p className="flex flex-wrap items-baseline gap-x-3">
      <span
        data-testid={testId}
        className={`${small ? 'text-lg' : 'text-2xl'} leading-tight font-bold ${tone}`}
      >
        {value}
      </span>
      {aside !== '' && <span className="opacity-80">{aside}</span>}
    </p>
    {children}
  </div>
);

/** What is said under a figure, with its reckoning beside it; opened, the reckoning takes its own line. */
export const Note = ({ children }: { children: React.ReactNode }) => (
  <div className="flex flex-wrap items-baseline justify-between gap-x-3 text-sm">{children}</div>
);
