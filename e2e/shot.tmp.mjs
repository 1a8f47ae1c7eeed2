import { chromium } from '@playwright/test';
const [,, url, out, w='1280', h='800', ground='light', ...acts] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const c = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: ground });
const p = await c.newPage();
p.on('console', m => { if (['error','warning'].includes(m.type())) console.log(m.type(), m.text()); });
p.on('pageerror', e => console.log('PAGEERROR', e.message));
await p.goto(url); await p.waitForTimeout(900);
for (const a of acts) { await p.evaluate(a).catch(()=>{}); await eval(`(async()=>{${a}})()`).catch(e=>console.log('ACT', e.message)); await p.waitForTimeout(500); }
await p.screenshot({ path: out, fullPage: process.env.FULL === '1' });
await b.close();
