/**
 * The shape of a job's sheet as a device keeps it for a time without a connection. Raised whenever it changes: a copy of
 * another version is not opened, it is loaded again.
 */
export const SHEET_VERSION = 5;
