export const SPEECH = {
  'speech.minutesToGo_one': '{{count}} minute to go',
  'speech.minutesToGo_other': '{{count}} minutes to go',
  'speech.degreesToGo_one': '{{count}} degree to go',
  'speech.degreesToGo_other': '{{count}} degrees to go',
} as const;
