// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { HoldForm } from '../../screens/saw/HoldForm';
import { Refused, show } from '../../testing/screen';

const HOLDS = '/api/saws/07/holds';

async function open(answer: unknown) {
  const page = show(<HoldForm tag="07" steps={[{ step: 'OUTSIDE_LOOK', kind: 'CHECK' }] as never} />, {
    answers: { [HOLDS]: answer },
  });
  await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
  return page;
}

const refused = new Refused(422, 'Something is missing.', [
  { field: 'note', code: 'text.missing', sentence: 'This is needed.' },
  { field: 'saw', code: 'saw.gone', sentence: 'There is no such saw.' },
]);

describe('a form', () => {
  it('shows each refusal at its field, the rest below, and stands in the first field that is wrong', async () => {
    const page = await open(refused);
    await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
    expect(await screen.findByText('This is needed.')).toBeTruthy();
    expect(screen.getByText('There is no such saw.')).toBeTruthy();
    expect(document.activeElement).toBe(screen.getByLabelText('Why'));
  });

  it('drops a refusal when its field is changed, keeps what is typed, and tries again as another write', async () => {
    const page = await open(refused);
    await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
    await screen.findByText('This is needed.');
    await page.user.type(screen.getByLabelText('Why'), 'Sounds odd');
    await waitFor(() => expect(screen.queryByText('This is needed.')).toBeNull());
    expect(screen.queryByText('There is no such saw.')).toBeNull();
    page.answers({ [HOLDS]: undefined });
    await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
    await waitFor(() => expect(page.sent).toHaveLength(2));
    expect(page.sent[1]?.body).toMatchObject({ step: 'OUTSIDE_LOOK', note: 'Sounds odd' });
    expect(page.sent[1]?.body.id).not.toBe(page.sent[0]?.body.id);
  });

  it('is blank again once it is stored', async () => {
    const page = await open(undefined);
    await page.user.type(screen.getByLabelText('Why'), 'Sounds odd');
    await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
    await waitFor(() => expect(screen.queryByLabelText('Why')).toBeNull());
    await page.user.click(screen.getByRole('button', { name: 'Hold saw 07' }));
    expect(screen.getByLabelText('Why')).toHaveProperty('value', '');
  });
});
