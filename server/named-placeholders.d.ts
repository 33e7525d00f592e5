declare module 'named-placeholders' {
  /** Gives a function that turns `:name` into `?` and the values into their order. */
  export default function namedPlaceholders(): (sql: string, values: Record<string, unknown>) => [string, never[]];
}
