import type { Page } from '@playwright/test';

/** A stand-in for the browser’s speech, which writes down what is said. */
export async function listen(page: Page): Promise<() => string[]> {
  const said: string[] = [];
  await page.exposeFunction('writeDownWhatIsSaid', (text: string) => said.push(text));
  await page.addInitScript(() => {
    const { writeDownWhatIsSaid } = window as unknown as {
      writeDownWhatIsSaid: (text: string) => void;
    };
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        speak: ({ text }: { text: string }) => writeDownWhatIsSaid(text),
        cancel: () => undefined,
      },
    });
    Object.defineProperty(window, 'SpeechSynthesisUtterance', {
      value: class {
        constructor(readonly text: string) {}
      },
    });
  });
  return () => said;
}
