import { say } from '@idle-kettle/words';

type Props = {
  readonly title: string;
  readonly why: string;
  /** The same as a table, for whoever cannot see the chart or wants the figures. */
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly children: React.ReactNode;
};

/** A chart with what it says, and its figures as a table under it. */
export const ChartBox = ({ title, why, head, rows, children }: Props) => (
  <section aria-label={title} className="min-w-0">
    <h2 className="text-xl font-bold text-primary">{title}</h2>
    {why !== '' && <p className="text-sm opacity-80">{why}</p>}
    {rows.length === 0 ? (
      <p className="mt-2">{say('book.notTold')}</p>
    ) : (
      <>
        <div className="relative h-64 w-full overflow-hidden">{children}</div>
        <details>
          <summary className="cursor-pointer text-sm">{say('book.asTable')}</summary>
          <div className="max-h-72 overflow-auto" tabIndex={0} role="group" aria-label={title}>
            <table className="table table-sm">
              <thead>
                <tr>
                  {head.map((name, index) => (
                    <th key={index} scope="col">
                      {name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row, index) => (
                  <tr key={index}>
                    {row.map((cell, place) => (
                      <td key={place} className="tabular-nums">
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </details>
      </>
    )}
  </section>
);
