import type { ComponentProps, ReactNode } from 'react';

type Props = Omit<ComponentProps<'section'>, 'title'> & {
  /** What it is called by whoever cannot see it; its heading too, unless that says more. */
  name: string;
  title?: ReactNode;
};

/** A part of a page under its heading. */
export const Part = ({ name, title = name, children, ...section }: Props) => (
  <section aria-label={name} {...section}>
    <h2 className="text-[15px] font-[680]">{title}</h2>
    {children}
  </section>
);
