import { chromium } from '@playwright/test';
const [, , script, mode] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  colorScheme: mode === 'dark' ? 'dark' : 'light',
  hasTouch: mode === 'touch',
});
const page = await context.newPage();
page.on('console', (m) => {
  if (m.type() === 'error' || m.type() === 'warning') console.log('CONSOLE', m.text());
});
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
try {
  await (await import(script)).default(page, 'http://127.0.0.1:4311', context);
} catch (e) {
  console.log('ERR', e.message.slice(0, 1500));
  await page.screenshot({ path: '/tmp/err.png' });
}
await browser.close();
