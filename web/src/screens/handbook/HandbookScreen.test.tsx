// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { show } from '../../testing/screen';
import HandbookScreen from './HandbookScreen';
import { PAGES, sectionOf } from './pages';

function open(at: string) {
  return show(
    <Routes>
      <Route path="/handbook" element={<HandbookScreen />} />
      <Route path="/handbook/:section" element={<HandbookScreen />} />
    </Routes>,
    { at },
  );
}

describe('The handbook', () => {
  it('has one page for each section that code and screens cite, after the list of all', () => {
    expect(PAGES.map((page) => page.section)).toEqual([...Array(15).keys()]);
  });

  it('leads from page to page and never nowhere', () => {
    const targets = PAGES.flatMap((page) =>
      [...page.text.matchAll(/\]\(([^)#]+)\)/g)].map((m) => m[1] ?? ''),
    );
    expect(targets.length).toBeGreaterThan(10);
    const lost = targets.filter((target) => !PAGES.some((page) => page.section === sectionOf(target)));
    expect(lost).toEqual([]);
  });

  it('names no code to who reads it on screen', () => {
    const said = PAGES.map((page) => page.text.replace(/```.*?```/gs, '')).join('\n');
    const ofCode = /`(?:[A-Z]\w*[a-z]\w*|\w+Test|(?:\.|core|server|web)\/[^`]*)(?:\.\w+)?`/g;
    expect(said.match(ofCode) ?? []).toEqual([]);
  });

  it('shows a page as the document stands: heading, tables, links', async () => {
    const { user } = open('/handbook/10');
    const article = await screen.findByRole('article');
    expect(within(article).getByRole('heading', { level: 1 }).textContent).toBe('10. When a task is due');
    expect(within(article).getAllByRole('table').length).toBeGreaterThan(0);
    await user.click(screen.getByRole('link', { name: '7. Oiling' }));
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('7. Oiling');
  });

  it('says so when there is no such page', () => {
    open('/handbook/99');
    expect(screen.queryByRole('article')).toBeNull();
    expect(screen.getByText(/no such page/i)).toBeTruthy();
  });
});
