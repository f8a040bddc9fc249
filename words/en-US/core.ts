export const CORE = {
  'core.sentences': '{{parts}}',
  'core.list': '{{parts}}',
} as const;
