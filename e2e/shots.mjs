import { chromium } from '@playwright/test';
const script = (await import(process.argv[2])).default;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const c = await b.newContext({
  viewport: { width: 1280, height: 800 },
  acceptDownloads: true,
  colorScheme: process.argv[3] === 'dark' ? 'dark' : 'light',
  hasTouch: process.argv[3] === 'touch',
});
const p = await c.newPage();
p.on('pageerror', (e) => console.log('PAGEERROR', e.message));
p.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
try {
  await script(p, 'http://127.0.0.1:4311');
} catch (e) {
  console.log('FAILED', e.message.slice(0, 1500));
  await p.screenshot({ path: '/tmp/fail.png' });
}
await b.close();
