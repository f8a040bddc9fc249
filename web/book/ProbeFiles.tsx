import { say, textOf } from '@idle-kettle/words';
import { MOST_ENTRIES, type BookRecord, type LoggedEntry } from '@idle-kettle/contract';
import { readProbeCsv, toProbeCsv, type ProbeReading } from '@idle-kettle/core/book';
import { useQueryClient } from '@tanstack/react-query';
import { Download, Upload } from 'lucide-react';
import { useId, useState } from 'react';
import { request, sayError } from '../api/request.ts';
import { download, fileNameOf } from '../ui/download.ts';
import { SaveFileButton } from '../ui/SaveFileButton.tsx';

type Props = { readonly record: BookRecord; readonly mayCook: boolean };

/** Everything that was read at a cook, minutes from its beginning. */
async function readingsOf({ id, startedAt }: BookRecord): Promise<readonly ProbeReading[]> {
  const startMs = new Date(startedAt).getTime();
  const readings: ProbeReading[] = [];
  for (let after = 0; ;) {
    const { entries } = await request<{ entries: readonly LoggedEntry[] }>(
      `/cook-sessions/${id}/log?after=${after}`,
    );
    if (entries.length === 0) return readings;
    for (const { kind, value, at } of entries)
      if ((kind === 'temperature' || kind === 'weight') && value !== null)
        readings.push({ minute: (at - startMs) / 60_000, kind, value });
    after = entries.at(-1)?.position ?? after + entries.length;
  }
}

/** A name for a file’s readings that is the same for the same file. */
async function sourceOf(text: string): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
  const hex = [...new Uint8Array(digest)]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');
  return `file ${hex.slice(0, 24)}`;
}

/** Readings of a probe, out as CSV and in from one. */
export function ProbeFiles({ record, mayCook }: Props) {
  const queries = useQueryClient();
  const input = useId();
  const [told, setTold] = useState<readonly string[]>([]);
  const [isWrong, setWrong] = useState(false);
  const take = async (file: File) => {
    const text = await file.text();
    const read = readProbeCsv(text);
    setWrong(!read.ok);
    if (!read.ok) {
      setTold(
        read.faults.map(({ line, text: fault }) =>
          say('book.probeFault', { line, text: textOf(fault) }),
        ),
      );
      return;
    }
    const source = await sourceOf(text);
    const startMs = new Date(record.startedAt).getTime();
    try {
      for (let from = 0; from < read.readings.length; from += MOST_ENTRIES)
        await request(`/cook-sessions/${record.id}/log`, 'POST', {
          entries: read.readings
            .slice(from, from + MOST_ENTRIES)
            .map(({ minute, kind, value }, index) => ({
              source,
              seq: from + index + 1,
              at: Math.round(startMs + minute * 60_000),
              kind,
              value,
            })),
        });
      setTold([say('book.probeAdded', { count: read.readings.length })]);
      await queries.invalidateQueries({ queryKey: ['book'] });
    } catch (error) {
      setWrong(true);
      setTold([sayError(error as Error)]);
    }
  };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      <SaveFileButton
        className="btn btn-sm"
        make={async () =>
          download(
            `${fileNameOf(record.name)}-readings.csv`,
            'text/csv',
            toProbeCsv(await readingsOf(record)),
          )
        }
      >
        <Download aria-hidden className="size-4" /> {say('book.probeExport')}
      </SaveFileButton>
      {mayCook && (
        <label
          htmlFor={input}
          title={say('book.probeWhy')}
          className="btn btn-sm focus-within:outline-3 focus-within:outline-secondary"
        >
          <Upload aria-hidden className="size-4" /> {say('book.probeImport')}
          <input
            id={input}
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file !== undefined) void take(file);
              target.value = '';
            }}
          />
        </label>
      )}
      {told.length > 0 && (
        <ul role={isWrong ? 'alert' : 'status'} className={`w-full ${isWrong ? 'text-error' : ''}`}>
          {told.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
