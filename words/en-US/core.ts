export const CORE = {
  'core.either': '[{{metric}}|{{us}}]',
  'core.eitherTemperature': '[{{celsius}} °C|{{fahrenheit}} °F]',
  'core.sentences': '{{parts}}',
  'core.list': '{{parts}}',
} as const;
