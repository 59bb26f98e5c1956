import type { ComponentProps, ReactNode } from 'react';
import type { Control, FieldPath, FieldPathValue, FieldValues } from 'react-hook-form';
import { useController } from 'react-hook-form';
import { Choice } from '../Choice';
import { Field, Pick } from '../Field';
import { Sure } from '../Sure';
import { Tick } from '../Tick';
import { Ticks } from '../Ticks';

interface Of<V extends FieldValues, N extends FieldPath<V>> {
  control: Control<V>;
  name: N;
}

type Own = 'value' | 'onChange' | 'problem' | 'checked';

/** A text field of a form; what is wrong with it stands under it until it is changed. */
export function FormField<V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  check,
  asked,
  ...rest
}: Of<V, N> & {
  /** Why what is typed cannot be, said at once. */
  check?: (text: string) => string | undefined;
  /** What is said when it is left empty. */
  asked?: string;
} & Omit<ComponentProps<typeof Field>, Own | 'name'>) {
  const { field, fieldState } = useController({
    control,
    name,
    rules: {
      ...(asked === undefined ? {} : { required: asked }),
      validate: (text: unknown) => check?.(text as string) ?? true,
    },
  });
  return (
    <Field
      {...rest}
      inputRef={field.ref}
      value={field.value}
      onChange={field.onChange}
      problem={check?.(field.value) ?? fieldState.error?.message}
    />
  );
}

/** One of many, in a form. */
export function FormPick<V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  asked,
  ...rest
}: Of<V, N> & {
  /** What is said when nothing is chosen. */
  asked?: string;
} & Omit<ComponentProps<typeof Pick<FieldPathValue<V, N> & string>>, Own>) {
  const { field, fieldState } = useController({
    control,
    name,
    rules: asked === undefined ? {} : { required: asked },
  });
  return <Pick {...rest} value={field.value} onChange={field.onChange} problem={fieldState.error?.message} />;
}

/** One of a few, in a form. */
export function FormChoice<V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  ...rest
}: Of<V, N> & Omit<ComponentProps<typeof Choice<FieldPathValue<V, N> & string>>, Own>) {
  const { field } = useController({ control, name });
  return <Choice {...rest} value={field.value} onChange={field.onChange} />;
}

/** Something that holds or does not, in a form. */
export function FormTick<V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  label,
}: Of<V, N> & { label: string }) {
  const { field } = useController({ control, name });
  return <Tick label={label} checked={field.value} onChange={field.onChange} />;
}

/** Several of a few, in a form. */
export function FormTicks<V extends FieldValues, N extends FieldPath<V>, T extends string>({
  control,
  name,
  ...rest
}: Of<V, N> & { title: string; options: Record<T, string>; children?: ReactNode }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <Ticks<T>
      {...rest}
      value={field.value as T[]}
      onChange={field.onChange}
      problem={fieldState.error?.message}
    />
  );
}

/** A figure that is asked about before it is taken, in a form. */
export function FormSure<V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  figure,
}: Of<V, N> & { figure: string }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <Sure asked={fieldState.error?.message} figure={figure} sureOf={field.value} onChange={field.onChange} />
  );
}
