import { existsSync } from 'node:fs';
import { mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import { changeItem, applyEdit, newLettering, type Opening, type Project } from '@kadrosyn/core';
import { readKadro, writeKadro } from '@kadrosyn/formats';
import { loadShaperFrom } from '@kadrosyn/render/node';
import sharp from 'sharp';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { readExportArguments } from './export-arguments.js';
import { EXIT } from './exit-code.js';
import { run } from './run.js';
import { terminalSays, type Says } from './says.js';
import { UsageError } from './usage-error.js';

let folder: string;
const file = (name: string): string => join(folder, name);
let said: string[] = [];
const shares: number[] = [];
const says: Says = {
  log: (message) => void said.push(message),
  error: (message) => void said.push(message),
  progress: (share) => void shares.push(share),
};
const lastJson = (): Record<string, unknown> => JSON.parse(said.at(-1)!) as Record<string, unknown>;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'kadrosyn-files-'));
  const half = Buffer.from(
    '<svg xmlns="http://www.w3.org/2000/svg" width="60" height="40"><path fill="#c4602c" d="M0 0h60v40H0z"/><path fill="#4676a0" d="M0 0h30v40H0z"/></svg>',
  );
  await sharp(half).png().toFile(file('half.png'));
  await sharp(half)
    .withExif({ IFD0: { Copyright: 'Wrenfold' } })
    .jpeg()
    .toFile(file('half.jpg'));
  expect(await run(['import', file('half.png'), file('half.jpg'), '-o', file('two.kadro')], says)).toBe(EXIT.done);
});
afterAll(() => rm(folder, { recursive: true }));
beforeEach(() => {
  said = [];
});

/** A file with another project in it. */
async function changed(name: string, change: (project: Project) => Project): Promise<string> {
  const files = readKadro(await readFile(file('two.kadro')));
  await writeFile(file(name), writeKadro({ ...files, project: change(files.project) }));
  return file(name);
}

describe('pictures', () => {
  it('become a project with a sheet for each, of their own px', async () => {
    expect(await run(['info', file('two.kadro'), '--json'], says)).toBe(EXIT.done);
    expect(lastJson()).toMatchObject({
      name: 'half',
      sheets: [
        { name: 'half', width: 60, height: 40, unit: 'px', imprint: false },
        { name: 'half', width: 60, height: 40 },
      ],
      photos: [{ name: 'half' }, { name: 'half' }],
    });
    expect(shares.every((share) => share >= 0 && share <= 1)).toBe(true);
    expect(await run(['export', file('two.kadro'), '--png', '--sheet', '1', '-o', file('same.png')], says)).toBe(EXIT.done);
    const [mine, given] = await Promise.all(
      [file('same.png'), file('half.png')].map((path) => sharp(path).removeAlpha().raw().toBuffer()),
    );
    expect(mine).toEqual(given);
  });

  it('lose their notes on the way', async () => {
    for (const [, bytes] of Object.entries(unzipSync(await readFile(file('two.kadro')))))
      expect(Buffer.from(bytes).includes('Wrenfold')).toBe(false);
  });

  it('fill a size that is said', async () => {
    expect(await run(['import', file('half.png'), '--size', '20x20mm', '--name', 'Tag', '-o', file('tag.kadro')], says)).toBe(
      EXIT.done,
    );
    await run(['info', file('tag.kadro')], says);
    expect(said.at(-1)).toContain('20 × 20 mm at 300 dpi');
    const [sheet] = readKadro(await readFile(file('tag.kadro'))).project.sheets;
    expect(sheet!.items[0]).toMatchObject({ role: 'background' });
  });

  it('that are none are refused, and nothing is written', async () => {
    await writeFile(file('text.png'), 'hello');
    expect(await run(['import', file('text.png'), '-o', file('none.kadro')], says)).toBe(EXIT.failed);
    expect(said.at(-1)).toMatch(/is not a JPEG, PNG or WebP picture/);
    expect(await run(['import', file('half.png'), '--size', '20 mm', '-o', file('none.kadro')], says)).toBe(EXIT.usage);
    expect(existsSync(file('none.kadro'))).toBe(false);
  });
});

describe('sheets', () => {
  it('are written as every file there is', async () => {
    const kinds = [
      ['a.png', ['--few-colours', '--width', '30'], { format: 'png', width: 30, height: 20 }],
      ['a.jpg', ['--quality', '60'], { format: 'jpeg', width: 60 }],
      ['a.webp', ['--height', '80'], { format: 'webp', width: 120, height: 80 }],
    ] as const;
    for (const [name, options, made] of kinds) {
      expect(await run(['export', file('two.kadro'), '--sheet', '1', ...options, '-o', file(name)], says)).toBe(EXIT.done);
      expect(await sharp(file(name)).metadata()).toMatchObject(made);
    }
    expect(await run(['export', file('two.kadro'), '--arrange', 'many', '--marks', '-o', file('a.pdf')], says)).toBe(EXIT.done);
    expect((await readFile(file('a.pdf'))).subarray(0, 5).toString()).toBe('%PDF-');
    expect(await run(['export', file('two.kadro'), '-o', file('b.kadro'), '--json'], says)).toBe(EXIT.done);
    expect(await readFile(file('b.kadro'))).toEqual(await readFile(file('two.kadro')));
    expect(lastJson()).toMatchObject({ file: file('b.kadro'), sheets: 2 });
  });

  it('that are several pictures come as one archive, or each into a folder', async () => {
    expect(await run(['export', file('two.kadro'), '--jpeg', '-o', file('all.zip')], says)).toBe(EXIT.done);
    expect(Object.keys(unzipSync(await readFile(file('all.zip'))))).toEqual(['half - half.jpg', 'half - half 2.jpg']);
    expect(await run(['render', file('two.kadro'), '-o', file('pages'), '--width', '30', '--json'], says)).toBe(EXIT.done);
    expect((await readdir(file('pages'))).toSorted()).toEqual(['half - half 2.png', 'half - half.png']);
    expect(lastJson()).toMatchObject({ files: [{ file: join(file('pages'), 'half - half.png') }, {}] });
  });

  it('are layers, which other programs put together', async () => {
    expect(await run(['export', file('two.kadro'), '--sheet', '2', '--scale', '0.5', '-o', file('a.ora')], says)).toBe(EXIT.done);
    const layered = unzipSync(await readFile(file('a.ora')));
    expect(new TextDecoder().decode(layered['stack.xml'])).toContain('<layer name="half"');
    expect(await sharp(layered['mergedimage.png']).metadata()).toMatchObject({ width: 30, height: 20 });
    expect(await run(['export', file('two.kadro'), '--ora', '--dpi', '90', '-o', file('b.ora')], says)).toBe(EXIT.usage);
  });

  it('are called as was typed', async () => {
    const named = ['export', file('two.kadro'), '--name', '{sheet} at {size}', '--png', '--scale', '2', '-o', file('named.zip')];
    expect(await run(named, says)).toBe(EXIT.done);
    expect(Object.keys(unzipSync(await readFile(file('named.zip'))))).toEqual(['half at 120x80.png', 'half at 120x80 2.png']);
    expect(await run(['export', file('two.kadro'), '--name', '', '--png'], says)).toBe(EXIT.usage);
  });

  it('are no larger than asked for, or nothing is written', async () => {
    const most = ['export', file('two.kadro'), '--sheet', '1', '--jpeg', '--most-kb'];
    expect(await run([...most, '2', '--scale', '8', '-o', file('small.jpg')], says)).toBe(EXIT.declined);
    expect(said.at(-1)).toMatch(/Even at the lowest quality/);
    expect(existsSync(file('small.jpg'))).toBe(false);
  });

  it('that can not be had are said, and what stood there stays', async () => {
    await writeFile(file('kept.png'), 'kept');
    const out = ['-o', file('kept.png')];
    expect(await run(['export', file('two.kadro'), '--sheet', '3', ...out], says)).toBe(EXIT.usage);
    expect(said.at(-1)).toMatch(/^There are 2 sheets, not "3"\./);
    expect(await run(['export', file('two.kadro'), '--sheet', 'Front', ...out], says)).toBe(EXIT.usage);
    expect(await run(['export', file('two.kadro'), '--width', '90000', ...out], says)).toBe(EXIT.usage);
    expect(await run(['export', file('gone.kadro'), ...out], says)).toBe(EXIT.failed);
    expect(said.at(-1)).toBe(`${file('gone.kadro')} is not there.`);
    await writeFile(file('bad.kadro'), zipSync({ '../x': new Uint8Array(3) }));
    expect(await run(['info', file('bad.kadro')], says)).toBe(EXIT.failed);
    expect(said.at(-1)).toMatch(/leads out of its folder/);
    expect((await readFile(file('kept.png'))).toString()).toBe('kept');
  });
});

describe('what would look wrong', () => {
  it('is nothing on a plain sheet', async () => {
    expect(await run(['check', file('two.kadro')], says)).toBe(EXIT.done);
    expect(said).toEqual(['half: nothing looks wrong.']);
  });

  it('are words that can not be read, and samples that are left', async () => {
    const shaper = await loadShaperFrom('build/faces');
    const hidden = newLettering(
      { text: 'Kiln', face: 'archivo', axes: {}, size: 12 },
      { x: 15, y: 20 },
      { type: 'colour', colour: '#4676a0' },
      shaper,
    );
    const bad = await changed('bad-words.kadro', (project) => {
      const [sheet, ...more] = project.sheets;
      const [photo] = sheet!.items as readonly Opening[];
      const marked = applyEdit(project, changeItem(sheet!, photo!, { slot: { hint: 'A jar', sample: true } }, 'Slot'));
      return { ...marked, sheets: [{ ...marked.sheets[0]!, items: [...marked.sheets[0]!.items, hidden] }, ...more] };
    });
    expect(await run(['check', bad, '--json'], says)).toBe(EXIT.declined);
    const { findings } = lastJson() as { findings: { check: string; item: string }[] };
    expect(findings.map(({ check, item }) => [check, item])).toEqual([
      ['sample', 'half'],
      ['hard-to-read', 'Kiln'],
    ]);
    expect(await run(['check', bad, '--sheet', '2'], says)).toBe(EXIT.done);
  });
});

describe('arguments', () => {
  const refused = (...args: string[]): string => {
    try {
      readExportArguments(args);
    } catch (error) {
      if (error instanceof UsageError) return error.message;
    }
    throw new Error('It was taken');
  };

  it('that do not go together are said', () => {
    expect(refused('a.kadro')).toMatch(/^Say what it is to be/);
    expect(refused('a.kadro', '--png', '--jpeg')).toMatch(/^Choose one of --png, --jpeg/);
    expect(refused('a.kadro', '--png', '--quality', '9')).toBe('--quality goes with jpeg, webp, pdf, not with png.');
    expect(refused('a.kadro', '--png', '--width', '9', '--scale', '2')).toMatch(/^Give one of/);
    expect(refused('a.kadro', '--pdf', '--bleed', '30')).toBe('--bleed is from 0 to 20.');
    expect(refused('a.kadro', '--pdf', '--dpi', 'many')).toBe('--dpi takes a number, not "many".');
    expect(refused('a.kadro', '--pdf', '--paper', 'a9')).toBe('--paper is one of a5, a4, a3, letter.');
    expect(refused('a.kadro', 'b.kadro', '--pdf')).toBe('Name one .kadro file.');
    expect(refused('a.kadro', '--pdf', '--loud')).toMatch(/--loud/);
  });

  it('are explained command by command', async () => {
    for (const command of ['export', 'render', 'check', 'import', 'info', 'cutout']) {
      expect(await run([command, '--help'], says)).toBe(EXIT.done);
      expect(said.at(-1)).toMatch(new RegExp(`^kadrosyn ${command} `));
    }
  });
});

it('how far it is stands on a line of its own, and only where somebody watches', () => {
  const written = (isTTY: boolean): string => {
    let text = '';
    const stream = { isTTY, write: (part: string) => (text += part) } as unknown as NodeJS.WriteStream;
    const terminal = terminalSays(stream, stream);
    terminal.progress?.(0.25);
    terminal.log('done');
    return text;
  };
  expect(written(false)).toBe('done\n');
  expect(written(true)).toBe('\r25 %\r\u001b[Kdone\n');
});
