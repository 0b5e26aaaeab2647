import { type InputHTMLAttributes, type ReactNode, useId } from 'react';
import { Owl } from '../layout/Owl';

/** A page of one column in the middle, without any style in scripts. */
export function PlainPage({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main className="plain" data-light="daybook">
      <div>
        <div className="plain-title">
          <Owl size={56} />
          <h1>{title}</h1>
        </div>
        {children}
      </div>
    </main>
  );
}

export interface PlainFieldProps extends InputHTMLAttributes<HTMLInputElement> {
  readonly label: string;
  readonly name: string;
  readonly hint?: string;
  /** What is wrong with the value; shown below and read out. */
  readonly problem?: string;
}

export function PlainField({ label, hint, problem, ...input }: PlainFieldProps) {
  const id = useId();
  const told = problem ?? hint;
  return (
    <div className="plain-field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        aria-describedby={told ? `${id}-told` : undefined}
        aria-invalid={problem ? true : undefined}
        {...input}
      />
      {told ? (
        <span id={`${id}-told`} className={problem ? 'plain-problem' : 'plain-hint'}>
          {told}
        </span>
      ) : null}
    </div>
  );
}

export interface PlainFormProps {
  readonly action: (form: FormData) => void;
  /** What is wrong with the form as a whole. */
  readonly problem?: string;
  readonly isSending: boolean;
  readonly send: string;
  readonly children: ReactNode;
}

/** Fields, what is wrong with all of them, and the one button. */
export const PlainForm = ({ action, problem, isSending, send, children }: PlainFormProps) => (
  <form action={action}>
    {children}
    {problem ? (
      <div className="plain-notice" role="alert">
        {problem}
      </div>
    ) : null}
    <button type="submit" className="plain-lead" disabled={isSending}>
      {send}
    </button>
  </form>
);
