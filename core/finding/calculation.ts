import type { z } from 'zod';
import { type Outcome, refusalFromZod } from './outcome';

/** What is said of a calculation to people. */
export type Prose = {
  title: string;
  /** One sentence a technician understands. */
  what: string;
  formula: string;
  source: string;
  notCovered: string;
};

/** Everything that the catalogue, the command line, the server and the formulas page say of one calculation. */
export type CalculationSpec<I extends z.ZodType, O extends Record<string, unknown>> = Prose & {
  id: string;
  input: I;
  compute: (input: z.output<I>) => Outcome<O>;
  /** A worked example that is also a test; each expected value has its tolerance. */
  example: {
    input: z.input<I>;
    expected: Partial<Record<keyof O & string, number | string | boolean | readonly (number | string)[]>>;
    tolerance: number;
  };
};

export type Calculation<I extends z.ZodType, O extends Record<string, unknown>> = ((
  input: z.input<I>,
) => Outcome<O>) & {
  spec: CalculationSpec<I, O>;
};

/** Makes a calculation callable: the input is checked once at this door, then computed. */
export function calculation<I extends z.ZodType, O extends Record<string, unknown>>(
  spec: CalculationSpec<I, O>,
): Calculation<I, O> {
  const call = (input: z.input<I>): Outcome<O> => {
    const checked = spec.input.safeParse(input);
    if (!checked.success) return { ok: false, refused: refusalFromZod(spec.input, checked.error, input) };
    return spec.compute(checked.data);
  };
  return Object.assign(call, { spec });
}

/** What the catalogue holds: a calculation with its types forgotten. */
export type AnyCalculation = ((input: never) => Outcome<Record<string, unknown>>) & {
  spec: Omit<CalculationSpec<z.ZodType, Record<string, unknown>>, 'compute' | 'example'> & {
    example: { input: unknown; expected: Record<string, unknown>; tolerance: number };
  };
};
