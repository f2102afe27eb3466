import { icons } from '@iconify-json/lucide';
import { ICONS, type Drawing } from './icons';

// Against the set itself, as its package has it.
it.each(Object.entries<Drawing>(ICONS))(
  '%s is drawn as in the set, every line of it',
  (_, { of, paths, circles = [], rects = [] }) => {
    const { body } = icons.icons[of]!;
    for (const d of paths) expect(body).toContain(` d="${d}"/>`);
    for (const [cx, cy, r] of circles)
      expect(body).toContain(`<circle cx="${cx}" cy="${cy}" r="${r}"/>`);
    for (const [width, height, x, y, rx] of rects)
      expect(body).toContain(
        `<rect width="${width}" height="${height}" x="${x}" y="${y}" rx="${rx}"/>`,
      );
    const shapes = body.match(/<(?!g|\/)[a-z]+ /g)!.length;
    expect(paths.length + circles.length + rects.length).toBe(shapes);
    expect(body).toContain('stroke-linecap="round" stroke-linejoin="round"');
    expect([icons.width ?? 24, icons.height ?? 24]).toEqual([24, 24]);
  },
);
