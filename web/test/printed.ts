/** Everything that is printed of a document, and nothing of how. */
export function printed(part: unknown): string[] {
  if (typeof part === 'string') return [part];
  if (Array.isArray(part)) return part.flatMap(printed);
  if (typeof part !== 'object' || part === null) return [];
  const { text, stack, ol, ul, table, columns, content, info } = part as Record<string, unknown>;
  const body = (table as { body?: unknown } | undefined)?.body;
  const title = (info as { title?: unknown } | undefined)?.title;
  return [text, stack, ol, ul, body, columns, content, title].flatMap(printed);
}
