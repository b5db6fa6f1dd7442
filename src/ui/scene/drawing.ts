import type { Group, Ink, Mark, Scene } from '@/engrave/scene';
import { shapeOf, written } from '@/engrave/shape';
import { escapeXml } from '@/formats/xml/escape';

/** What a surface adds to a group: data attributes that the stylesheet turns into waiting, current or lit. */
export type GroupLook = Readonly<Record<`data-${string}`, string | undefined>>;

/** The look of every group of a scene. */
export type Looks = (group: Group) => GroupLook;

const PLAIN: GroupLook = {};
export const noLooks: Looks = () => PLAIN;

const SVG = 'http://www.w3.org/2000/svg';

type Attributes = Readonly<Record<string, string | undefined>>;

function classOf(fill: Ink | null, stroke: Ink | undefined): string {
  return [fill && `f-${fill}`, stroke && `s-${stroke}`].filter(Boolean).join(' ');
}

function paint(mark: Mark): Attributes {
  if (mark.kind === 'glyph') return { class: classOf(mark.fill, undefined) };
  if (mark.kind === 'text') return { class: classOf(mark.fill, undefined), 'data-face': mark.face };
  return {
    class: classOf(mark.kind === 'line' ? null : mark.fill, mark.stroke),
    'stroke-width': mark.width === undefined ? undefined : String(mark.width),
    'stroke-dasharray': mark.dash,
  };
}

function attributesOf(mark: Mark): { readonly tag: string; readonly text: string; readonly all: Attributes } {
  const { tag, attributes, text } = shapeOf(mark);
  return { tag, text, all: { ...attributes, ...paint(mark) } };
}

function placeOf({ x, y, scale = 1 }: Group): string {
  const moved = x === 0 && y === 0 ? '' : `translate(${written(x)}px, ${written(y)}px)`;
  return scale === 1 ? moved : `${moved} scale(${scale})`;
}

function html(attributes: Attributes): string {
  return Object.entries(attributes)
    .map(([name, value]) => (value === undefined ? '' : ` ${name}="${escapeXml(value)}"`))
    .join('');
}

/** A scene as markup, for the page as it is served and for a surface's first sight. */
export function drawingHtml({ groups }: Scene, looks: Looks): string {
  return groups
    .map((group) => {
      const place = placeOf(group);
      const head = html({ ...headOf(group), ...looks(group), style: place && `transform: ${place}` });
      const marks = group.marks.map((mark) => {
        const { tag, text, all } = attributesOf(mark);
        return `<${tag}${html(all)}>${escapeXml(text)}</${tag}>`;
      });
      return `<g${head}>${marks.join('')}</g>`;
    })
    .join('');
}

function headOf({ part, place }: Group): Attributes {
  return {
    class: 'scene-group',
    'data-part': part,
    'data-place': place === null ? undefined : String(place),
  };
}

type Drawn = { readonly element: SVGGElement; group: Group; look: GroupLook };

/**
 * A scene that stands in the page and is changed to the next one stroke by stroke. Most of a drawing stays when a key
 * changes, and a change of key has to be there within a frame, so only what differs is touched.
 */
export class Drawing {
  private readonly drawn = new Map<string, Drawn>();

  /** Takes over what `drawingHtml` drew inside of `root`. */
  constructor(
    private readonly root: SVGGElement,
    { groups }: Scene,
    looks: Looks,
  ) {
    for (const [index, group] of groups.entries()) {
      const element = root.children[index];
      if (element instanceof SVGGElement) this.drawn.set(group.key, { element, group, look: looks(group) });
    }
  }

  show({ groups }: Scene, looks: Looks): void {
    const wanted = new Set(groups.map(({ key }) => key));
    for (const [key, { element }] of this.drawn) {
      if (wanted.has(key)) continue;
      element.remove();
      this.drawn.delete(key);
    }
    let next = this.root.firstElementChild;
    for (const group of groups) {
      const look = looks(group);
      const drawn = this.drawn.get(group.key) ?? this.begin(group);
      change(drawn, group, look);
      if (drawn.element === next) next = next.nextElementSibling;
      else this.root.insertBefore(drawn.element, next);
    }
  }

  private begin(group: Group): Drawn {
    const element = document.createElementNS(SVG, 'g');
    setAll(element, {}, headOf(group));
    const empty: Group = { ...group, x: 0, y: 0, marks: [] };
    const drawn: Drawn = { element, group: empty, look: PLAIN };
    this.drawn.set(group.key, drawn);
    return drawn;
  }
}

function change(drawn: Drawn, group: Group, look: GroupLook): void {
  const { element, group: before } = drawn;
  if (before.part !== group.part || before.place !== group.place)
    setAll(element, headOf(before), headOf(group));
  if (before.x !== group.x || before.y !== group.y || before.scale !== group.scale)
    element.style.transform = placeOf(group);
  if (drawn.look !== look) setAll(element, drawn.look, look);
  if (before.marks !== group.marks) changeMarks(element, before.marks, group.marks);
  drawn.group = group;
  drawn.look = look;
}

function changeMarks(element: SVGGElement, before: readonly Mark[], after: readonly Mark[]): void {
  for (let index = before.length - 1; index >= after.length; index -= 1) element.children[index]?.remove();
  for (const [index, mark] of after.entries()) {
    const old = before[index];
    if (old && alike(old, mark)) continue;
    const was = old && attributesOf(old);
    const now = attributesOf(mark);
    const there = element.children[index];
    const fits = there instanceof SVGElement && was?.tag === now.tag;
    const stroke = fits ? there : document.createElementNS(SVG, now.tag);
    setAll(stroke, fits ? was.all : {}, now.all);
    if (stroke.textContent !== now.text) stroke.textContent = now.text;
    if (there && !fits) there.replaceWith(stroke);
    else if (!there) element.append(stroke);
  }
}

function setAll(element: SVGElement, before: Attributes, after: Attributes): void {
  for (const name in before) {
    if (before[name] !== undefined && after[name] === undefined) element.removeAttribute(name);
  }
  for (const name in after) {
    const value = after[name];
    if (value !== undefined && value !== before[name]) element.setAttribute(name, value);
  }
}

function alike(one: Mark, other: Mark): boolean {
  if (one === other) return true;
  for (const name in one) {
    if (one[name as keyof Mark] !== other[name as keyof Mark]) return false;
  }
  for (const name in other) {
    if (!(name in one)) return false;
  }
  return true;
}
