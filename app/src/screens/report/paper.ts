import type { Report, Wear } from '@hold-fast/contract/report';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { PALETTES } from '../../ui/tokens';
import { exactDay } from '../../words/days';
import { reportWords } from '../../words/report';
import type { ReportSection } from './sections';
import { runsOf } from './runs';

const FACES = {
  plain: 'barlow-latin-400-normal.woff',
  heavy: 'barlow-latin-600-normal.woff',
  plainExtended: 'barlow-latin-ext-400-normal.woff',
  heavyExtended: 'barlow-latin-ext-600-normal.woff',
};
const face = (plain: string, heavy: string) => ({
  normal: plain,
  bold: heavy,
  italics: plain,
  bolditalics: heavy,
});

async function inBase64(file: string): Promise<string> {
  const answer = await fetch(`/fonts/${file}`);
  if (!answer.ok) throw new Error(`${file}: ${answer.status}`);
  const bytes = new Uint8Array(await answer.arrayBuffer());
  return btoa(bytes.reduce((text, byte) => text + String.fromCharCode(byte), ''));
}

/**
 * The report as a PDF for A4, in the app’s own faces.
 * @param sections what is said in it: worked out by whoever shows it, so that this chunk brings no schemas
 * @throws Error where a face cannot be loaded
 */
export async function paperOf(report: Report, sections: readonly ReportSection[]): Promise<Blob> {
  const { default: pdf } = await import('pdfmake/build/pdfmake.min.js');
  const files = await Promise.all(
    Object.values(FACES).map(async (file) => [file, await inBase64(file)] as const),
  );
  pdf.addVirtualFileSystem(Object.fromEntries(files));
  pdf.addFonts({
    Barlow: face(FACES.plain, FACES.heavy),
    BarlowExtended: face(FACES.plainExtended, FACES.heavyExtended),
  });
  return pdf.createPdf(layoutOf(report, sections)).getBlob();
}

const said = (text: string): { text: Content } => ({ text: runsOf(text) });

function layoutOf(report: Report, sections: readonly ReportSection[]): TDocumentDefinitions {
  const head: Content[] = [
    { ...said([report.shop, reportWords.title].filter(Boolean).join(': ')), style: 'over' },
    { ...said(report.bikeName), style: 'title' },
    said(report.customerName),
    { ...said(reportWords.by(report.sealedBy, exactDay(report.sealedAt))), style: 'soft' },
    ...report.amendments.map(({ words }) => ({ ...said(words), style: 'warning' })),
  ];
  return {
    pageSize: 'A4',
    pageMargins: [56, 48, 56, 56],
    info: { title: `${reportWords.title}: ${report.bikeName}` },
    content: [
      ...head,
      ...sections.flatMap(({ label, warning, lines, wears }): Content[] => [
        { ...said(label), style: 'label', headlineLevel: 1 },
        ...(warning ? [{ ...said(warning), style: 'warning' }] : []),
        ...lines.map((line) => ({ ...said(line), style: 'line' })),
        ...wears.map(({ says, wear }) => ({
          stack: [{ ...said(says), style: 'line' }, ruleOf(wear)],
          unbreakable: true,
        })),
      ]),
    ],
    footer: (page, pages) => ({
      columns: [
        said(reportWords.seal(report.number, report.seal)),
        { text: `${page} / ${pages}`, width: 'auto' as const },
      ],
      style: 'foot',
      margin: [56, 16, 56, 0],
    }),
    // A label never stands alone at the foot of a page.
    pageBreakBefore: (node, { getFollowingNodesOnPage }) =>
      node.headlineLevel === 1 && getFollowingNodesOnPage().length === 0,
    styles: {
      over: { fontSize: 10, color: soft },
      title: { fontSize: 22, bold: true, margin: [0, 0, 0, 4] },
      soft: { color: soft },
      label: { fontSize: 12, bold: true, margin: [0, 12, 0, 3] },
      line: { margin: [0, 0, 0, 2] },
      warning: { bold: true, color: rust, margin: [0, 2, 0, 4] },
      foot: { fontSize: 7, color: soft },
    },
    defaultStyle: { font: 'Barlow', fontSize: 10, color: ink },
  };
}

/** On paper it is always day. */
const { ink, soft, hairline, kelp, ochre, fog, rust } = PALETTES.day;
const INK = { holds: kelp, watch: ochre, unproven: fog, replace: rust };
const RULE = { width: 320, height: 16, edge: 6 };
/** How far the rule runs on past new and past the limit, as shares of the wear between them. */
const BEYOND = { new: 0.12, limit: 0.4 };
const ASSUMED_WEAR_MM = 0.3;

/** The wear rule: from new at the left to past the limit, notched there, with the reading as a needle in its doubt. */
function ruleOf({ newMm, limitMm, leastMm, doubtMm, word }: Wear): Content {
  const wearMm = (newMm ?? limitMm + ASSUMED_WEAR_MM) - limitMm;
  const from = limitMm + wearMm * (1 + BEYOND.new);
  const to = limitMm - wearMm * BEYOND.limit;
  const x = (mm: number) =>
    Math.min(1, Math.max(0, (from - mm) / (from - to))) * (RULE.width - 2 * RULE.edge) + RULE.edge;
  const { height } = RULE;
  return {
    margin: [0, 2, 0, 6],
    canvas: [
      { type: 'rect', x: 0, y: 0, w: RULE.width, h: height, lineColor: hairline },
      {
        type: 'rect',
        x: x(leastMm + doubtMm),
        y: 0,
        w: Math.max(1, x(leastMm - doubtMm) - x(leastMm + doubtMm)),
        h: height,
        color: INK[word],
        fillOpacity: 0.25,
      },
      {
        type: 'polyline',
        closePath: true,
        color: ink,
        points: [
          { x: x(limitMm) - 4, y: 0 },
          { x: x(limitMm) + 4, y: 0 },
          { x: x(limitMm), y: 7 },
        ],
      },
      {
        type: 'line',
        x1: x(leastMm),
        y1: 0,
        x2: x(leastMm),
        y2: height,
        lineWidth: 2,
        lineColor: INK[word],
      },
    ],
  };
}
