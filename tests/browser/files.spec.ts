import { strToU8, zipSync } from 'fflate';
import { dropFiles, expect, giveFile, OWN_SCHOOL, test } from './room';

const note = (step: string, octave: number, alter = 0) =>
  `<note><pitch><step>${step}</step>${alter ? `<alter>${alter}</alter>` : ''}<octave>${octave}</octave></pitch><duration>1</duration></note>`;

const E_FLAT_MAJOR = [
  note('E', 4, -1),
  note('F', 4),
  note('G', 4),
  note('A', 4, -1),
  note('B', 4, -1),
  note('C', 5),
  note('D', 5),
  note('E', 5, -1),
].join('');

const SCORE = `<?xml version="1.0" encoding="UTF-8"?>
<score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Horn</part-name></score-part></part-list>
<part id="P1"><measure number="5"><attributes><key><fifths>-3</fifths></key><clef><sign>G</sign><line>2</line></clef></attributes>${E_FLAT_MAJOR}</measure></part></score-partwise>`;

const MXL = zipSync({
  mimetype: strToU8('application/vnd.recordare.musicxml'),
  'META-INF/container.xml': strToU8(
    '<?xml version="1.0"?><container><rootfiles><rootfile full-path="horn.xml"/></rootfiles></container>',
  ),
  'horn.xml': strToU8(SCORE),
});

test('a compressed score’s scale is offered, shown in Derive, and kept as a lesson', async ({
  page,
  room,
}) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await giveFile(page, 'Warming up.mxl', MXL);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('One scale was found.');
  await expect(sheet.getByRole('listitem')).toContainText('Build E♭ major, going up, in the treble clef');
  await expect(sheet.getByRole('listitem')).toContainText('Horn, measure 5');
  await sheet.getByRole('button', { name: /^Keep it as the lesson/u }).click();
  await expect(sheet.getByRole('status')).toHaveText('One scale was found. One derivation kept.');
  await sheet.getByRole('button', { name: 'Show in Derive' }).click();
  await expect(room.sentence).toContainText('Build E♭ major');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
});

test('a list of scales dropped anywhere is read line by line, also in the Class room', async ({
  page,
  classRoom,
}) => {
  await classRoom.open('', OWN_SCHOOL);
  await dropFiles(page, {
    'week.txt': 'C# harmonic minor, going up, bass clef\nhello harbour\nAb major\n',
    'other.txt': 'D major',
  });
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('2 scales were found.');
  await expect(sheet).toContainText('One file at a time: week.txt was taken, the others were left alone.');
  await expect(sheet).toContainText('Line 2, ‘hello harbour’'.replaceAll(/[‘’]/gu, "'"));
  await sheet.getByRole('button', { name: /^Keep Build C♯ harmonic minor/u }).click();
  await expect(sheet.getByRole('button', { name: 'On the shelf' })).toBeDisabled();
  await sheet.getByRole('button', { name: 'Show in Derive' }).last().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Build A♭ major');
  await expect(page.getByRole('button', { name: 'Shelf (1)' })).toBeVisible();
});

const LAUGHS = Array.from({ length: 9 }, (_, at) => `<!ENTITY l${at + 1} "${`&l${at};`.repeat(10)}">`).join(
  '',
);

const HOSTILE: Readonly<Record<string, readonly [content: string | Uint8Array, said: string]>> = {
  'entities.musicxml': [
    `<?xml version="1.0"?><!DOCTYPE score-partwise [<!ENTITY l0 "ha">${LAUGHS}]><score-partwise>&l9;</score-partwise>`,
    'declares entities of its own',
  ],
  'outside.xml': [
    '<!DOCTYPE x [<!ENTITY f SYSTEM "file:///etc/passwd">]><score-partwise>&f;</score-partwise>',
    'declares entities of its own',
  ],
  'deep.musicxml': [`${'<a>'.repeat(5000)}${'</a>'.repeat(5000)}`, 'nests more than'],
  'bomb.mxl': [
    zipSync({ 'score.xml': new Uint8Array(40_000_000) }),
    'Unpacked, the file would have more than',
  ],
  'cut.mxl': [MXL.slice(0, 200), 'cannot be unpacked'],
  '<img src=x onerror=alert(1)>.musicxml': ['<html><script>alert(1)</script></html>', "its root is 'html'"],
  'lies.musicxml': [
    Buffer.from(
      '<?xml version="1.0" encoding="UTF-8"?><score-partwise><a>\xff\xfe\xe9</a></score-partwise>',
      'latin1',
    ),
    'but its bytes are not',
  ],
  'empty.txt': ['', 'The file is empty.'],
  'photo.jpg': [new Uint8Array([255, 216, 255, 224, 0, 16]), 'is none of the kinds that can be read'],
  'broken.json': ['{"moonStep": ', 'Nothing was changed.'],
};

test('broken and hostile files are refused in clear words and change nothing', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  page.on('dialog', (dialog) => expect.soft(dialog.message()).toBe('no script of a file ever runs'));
  const sheet = page.getByRole('dialog');
  for (const [name, [content, said]] of Object.entries(HOSTILE)) {
    await giveFile(page, name, content);
    await expect(sheet.getByRole('alert'), name).toContainText(said);
    await expect(sheet.getByRole('alert'), name).toContainText('Nothing was changed.');
    await expect(sheet.locator('img')).toHaveCount(0);
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
  }
  await expect(page.getByRole('button', { name: 'Shelf (0)' })).toBeVisible();
});

test('a score without a scale says why, part by part', async ({ page, room }) => {
  await room.open(`${OWN_SCHOOL}/derive`);
  await giveFile(
    page,
    'tune.musicxml',
    SCORE.replace(E_FLAT_MAJOR, note('C', 4) + note('E', 4) + note('G', 4)),
  );
  await expect(page.getByRole('dialog')).toContainText('No scale was found. Why not:');
  await expect(page.getByRole('dialog')).toContainText('Horn: 3 notes, no scale.');
});
