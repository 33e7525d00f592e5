export const en = {
  'web.address': 'Address',
  'web.anything-that-can-send-line-of':
    'Anything that can send a line of JSON: a gauge bridge, or a recording played back. Every reading can also be typed.',
  'web.calibration-overdue-of': 'Calibration overdue: {instruments}. What you read with it is marked so on the report.',
  'web.channels': 'Channels',
  'web.connect-simulated-instruments': 'Connect simulated instruments',
  'web.disconnect': 'Disconnect',
  'web.instrument-since': '{name} since {day}',
  'web.instruments-of-your-own': 'Instruments of your own',
  'web.instruments-of-your-own-are-connected':
    'Instruments of your own are connected. What you do by hand you tell by a tap in the next move.',
  'web.physical-model-stands-in-for-everything':
    'A physical model stands in for {simulates}. Everything read from it is stored as simulated.',
  'web.port-does-not-listen': 'the port does not listen',
  'web.recording-is-played-back-every-figure': 'A recording is played back: every figure of it is marked as replayed.',
  'web.resume-interrupted-run': 'Resume the interrupted run',
  'web.token': 'Token',
  'web.token-is-told-once-and-opens':
    'The token is told once and opens this run only. The format is in docs/formats.md.',
  'web.wait-for-instrument': 'Wait for an instrument',
  'web.wait-for-recording': 'Wait for a recording',
} as const;
