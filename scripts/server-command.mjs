/**
 * What Node is told for the built server: room for what one moment's requests make, so that it is gone before it is looked
 * over. With Node's own 16 MB it outlives that, and the long look over everything comes several times as often.
 */
export const SERVER = ['--max-semi-space-size=64', 'dist/server/main.js'];
