import { useEffect } from 'react';
import type { SyntheticEvent } from 'react';
import type { Control, DefaultValues, FieldPath, FieldValues, UseFormReturn } from 'react-hook-form';
import { useForm } from 'react-hook-form';
import type { Answer, Params, Written } from '../../api/client';
import type { Said } from '../../shell/signed';
import { useSigned } from '../../shell/signed';

interface Writes<P, M, V extends FieldValues> {
  path: P;
  params: Params<P, M>;
  method?: M;
  /** What stands in the fields at first, and again once it is stored. */
  start: V;
  /** What is sent; nothing while it cannot be. */
  body: (values: V) => Said<P, M> | undefined;
  /** Where the server names a field otherwise than the form does. */
  at?: (typed: V) => Partial<Record<FieldPath<V>, string>>;
  onDone?: (answer: Answer<P, M>) => void;
  /** It was refused, so that the next try is another write; what was not answered may be stored all the same. */
  onRefused?: () => void;
}

/** A form over one write, whatever it writes. */
export interface SignedForm<V extends FieldValues> {
  form: UseFormReturn<V>;
  control: Control<V>;
  submit: (event?: SyntheticEvent) => void;
  /** Somebody is signed in, and nothing is under way. */
  ready: boolean;
  /** Refusals that belong to no field that is shown. */
  besides: string[];
}

/**
 * Sends what is typed; each refusal stands at its field until the field is changed, the first of them in the eye, and nothing
 * typed is lost.
 */
export function useSignedForm<
  V extends FieldValues,
  P extends Written<M>,
  M extends 'post' | 'put' = 'post',
>({
  path,
  params,
  method,
  start,
  body,
  at,
  onDone,
  onRefused,
}: Writes<P, M, V>): SignedForm<V> & { data: Answer<P, M> | undefined } {
  const form = useForm<V>({ defaultValues: start as DefaultValues<V> });
  const write = useSigned<P, M>(path, params, method);
  const { error, reset } = write;
  // What belongs to no field stands until something is changed: nobody knows which field it was about.
  useEffect(
    () => (error ? form.subscribe({ formState: { values: true }, callback: () => reset() }) : undefined),
    [form, error, reset],
  );
  const names = Object.keys(start) as FieldPath<V>[];
  const fieldOf = (name: FieldPath<V>): string => at?.(form.getValues())[name] ?? name;
  const submit = form.handleSubmit((values) => {
    const said = body(values);
    if (!said) return;
    write.send(said, {
      onSuccess: (answer) => {
        form.reset(start);
        onDone?.(answer);
      },
      onError: (problem) => {
        if (problem.status > 0) onRefused?.();
        const wrong = names.filter((name) => problem.at(fieldOf(name)) !== undefined);
        wrong.forEach((name, i) =>
          form.setError(
            name,
            { message: problem.at(fieldOf(name))?.sentence ?? '' },
            { shouldFocus: i === 0 },
          ),
        );
      },
    });
  });
  return {
    form,
    control: form.control,
    submit: (event) => void submit(event),
    ready: write.ready,
    besides: error?.besides(names.map(fieldOf)) ?? [],
    data: write.data,
  };
}
