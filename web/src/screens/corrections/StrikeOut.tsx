import { useStrikeEffect } from '../../api/queries';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Opened } from './Opened';
import { StrikeForm } from './StrikeForm';

/** Strikes a wrong record out, with the reason; it stays readable and counts no more. */
export function StrikeOut({ recordId }: { recordId: string }) {
  return <Opened label="Strike out">{() => <Strike recordId={recordId} />}</Opened>;
}

function Strike({ recordId }: { recordId: string }) {
  const { data: effect, error } = useStrikeEffect(recordId);
  const form = useSignedForm({
    path: '/api/records/{recordId}/strike',
    params: { path: { recordId } },
    start: { reason: '' },
    body: (typed) => typed,
  });
  return <StrikeForm form={form} effect={effect} error={error} />;
}
