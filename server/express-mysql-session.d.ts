declare module 'express-mysql-session' {
  import type { Store } from 'express-session';

  type Options = {
    createDatabaseTable?: boolean;
    clearExpired?: boolean;
    checkExpirationInterval?: number;
    expiration?: number;
  };
  type StoreClass = new (options: Options, pool: unknown) => Store & { close(): Promise<void> };
  export default function makeStore(session: unknown): StoreClass;
}
