import { expect, type Page } from '@playwright/test';

/** Every size a stove is looked at in: tablets, laptop, phone, the reader's text at twice its size, a screen at twice its zoom. */
export const SIZES = [
  { name: '1280×800', width: 1280, height: 800 },
  { name: '1366×768', width: 1366, height: 768 },
  { name: '1024×768', width: 1024, height: 768 },
  { name: '768×1024', width: 768, height: 1024 },
  { name: '390×844', width: 390, height: 844 },
  { name: '1280×800, text at 200 %', width: 1280, height: 800, text: 2 },
  { name: '1280×800 at 200 % zoom', width: 640, height: 400 },
] as const;

/** px by which two boxes may touch before they count as one over the other, and a text may stick out. */
const SLACK = 3;

/** Values in text boxes that are wider than their box. */
const valuesCut = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLInputElement>('input[inputmode=numeric]')]
      .filter((input) => input.offsetWidth > 0 && input.scrollWidth > input.clientWidth + 1)
      .map((input) => input.value),
  );

/** Texts that lie over one another, or are cut off, in what is on the screen now. */
async function faults(page: Page, within: string, scrolls: boolean): Promise<string[]> {
  return page.evaluate(
    ({ within, slack, scrolls }) => {
      const root = document.querySelector(within);
      if (!root) {
        return [`nothing is ${within}`];
      }
      interface Box {
        text: string;
        rect: DOMRect;
        element: Element;
      }
      // A dish's name may be shortened with dots; what shows of it counts.
      const shortened = (element: Element, rect: DOMRect): DOMRect => {
        const short = element.closest('.truncate')?.getBoundingClientRect();
        return short
          ? new DOMRect(rect.x, rect.y, Math.max(0, Math.min(rect.right, short.right) - rect.x), rect.height)
          : rect;
      };
      const boxes: Box[] = [];
      const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const element = node.parentElement;
        const text = node.textContent?.trim() ?? '';
        if (!element || text === '' || element.closest('.sr-only, title, style')) continue;
        const style = getComputedStyle(element);
        if (style.visibility === 'hidden' || style.display === 'none') continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        for (const rect of range.getClientRects()) {
          if (rect.width > 1 && rect.height > 1) {
            // The ink of a line is lower than the line.
            const trim = rect.height * 0.18;
            boxes.push({
              text,
              element,
              rect: shortened(
                element,
                new DOMRect(rect.x, rect.y + trim, rect.width, rect.height - 2 * trim),
              ),
            });
          }
        }
      }
      const found: string[] = [];
      boxes.forEach((a, i) => {
        for (const b of boxes.slice(i + 1)) {
          const wide = Math.min(a.rect.right, b.rect.right) - Math.max(a.rect.left, b.rect.left);
          const high = Math.min(a.rect.bottom, b.rect.bottom) - Math.max(a.rect.top, b.rect.top);
          if (wide > slack && high > slack && a.element !== b.element) {
            found.push(`"${a.text}" lies over "${b.text}"`);
          }
        }
        let left = 0;
        let top = 0;
        let right = window.innerWidth;
        let bottom = scrolls ? Infinity : window.innerHeight;
        for (let up: Element | null = a.element; up; up = up.parentElement) {
          const style = getComputedStyle(up);
          const rect = up.getBoundingClientRect();
          if (style.textOverflow === 'ellipsis') return;
          if (up !== a.element && style.position === 'fixed' && up.contains(a.element)) {
            // A sheet over the page: only itself can cut what is in it.
            if (style.overflowX !== 'visible') {
              left = Math.max(left, rect.left);
              right = Math.min(right, rect.right);
            }
            break;
          }
          if (style.overflowX !== 'visible' && !(scrolls && style.overflowX === 'auto')) {
            left = Math.max(left, rect.left);
            right = Math.min(right, rect.right);
          }
          if (style.overflowY !== 'visible' && !(scrolls && style.overflowY === 'auto')) {
            top = Math.max(top, rect.top);
            bottom = Math.min(bottom, rect.bottom);
          }
        }
        if (
          a.rect.left < left - slack ||
          a.rect.right > right + slack ||
          a.rect.top < top - slack ||
          a.rect.bottom > bottom + slack
        ) {
          found.push(`"${a.text}" is cut off`);
        }
      });
      if (!scrolls && document.documentElement.scrollHeight > window.innerHeight + slack) {
        found.push('it scrolls');
      }
      if (document.documentElement.scrollWidth > window.innerWidth + slack) {
        found.push('it spills to the side');
      }
      return [...new Set(found)];
    },
    { within, slack: SLACK, scrolls },
  );
}

/** ms in which a drawing has followed its room on a busy machine. */
const SETTLES_MS = 800;

const allFaults = async (page: Page, within: string, scrolls: boolean): Promise<string[]> => [
  ...(await faults(page, within, scrolls)),
  ...(await valuesCut(page)).map((value) => `the value ${value} is cut off`),
];

/** Nothing overlaps and nothing is cut, at every size. */
export async function expectFits(
  page: Page,
  state: string,
  within = 'main',
  scrolls = false,
  sizes: readonly (typeof SIZES)[number][] = SIZES,
): Promise<void> {
  const found: string[] = [];
  for (const size of sizes) {
    await page.setViewportSize({ width: size.width, height: size.height });
    await page.evaluate(
      (text) => {
        document.documentElement.style.fontSize = `${text * 100}%`;
      },
      'text' in size ? size.text : 1,
    );
    await page.waitForTimeout(120);
    let here = await allFaults(page, within, scrolls);
    if (here.length > 0) {
      // What is drawn to its room follows it a moment later; what stays counts.
      await page.waitForTimeout(SETTLES_MS);
      here = await allFaults(page, within, scrolls);
    }
    found.push(...here.map((fault) => `${size.name}, ${state}: ${fault}`));
    if (process.env['VELKO_SHOTS']) {
      await page.screenshot({
        path: `${process.env['VELKO_SHOTS']}/${state} ${size.name}.png`.replaceAll(' ', '-'),
      });
    }
  }
  await page.evaluate(() => {
    document.documentElement.style.fontSize = '';
  });
  await page.setViewportSize({ width: 1280, height: 800 });
  expect.soft(found).toEqual([]);
}
