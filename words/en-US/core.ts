export const CORE = {
  'core.either': '[{{metric}}|{{us}}]',
  'core.sentences': '{{parts}}',
  'core.list': '{{parts}}',
} as const;
