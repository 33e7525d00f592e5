/** Loads the demo company where the schema is empty. True when it did. */
export function loadDemo(env: NodeJS.ProcessEnv): boolean;
