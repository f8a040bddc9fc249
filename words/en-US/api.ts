export const API = {
  'api.theServerIsntAnswering': 'The server isn’t answering.',
  'api.line': 'Line {{line}}: {{message}}',
  'api.fault': '{{where}}: {{message}}',
} as const;
