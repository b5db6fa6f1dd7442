import { type CSSProperties, memo, type ReactNode, type SVGProps } from 'react';
import { glyphNamed } from '@/engrave/glyphs';
import type { Group, Ink, Mark, Scene } from '@/engrave/scene';

/** What a surface adds to a group: data attributes that the stylesheet turns into waiting, current or lit. */
export type GroupLook = Readonly<Record<`data-${string}`, string | undefined>>;

type Props = {
  readonly scene: Scene;
  readonly title: string;
  readonly description: string;
  /** For the ids of title and description, one a surface. */
  readonly id: string;
  readonly look?: (group: Group) => GroupLook;
  /** Drawn under the marks. */
  readonly under?: ReactNode;
  readonly children?: ReactNode;
} & Pick<SVGProps<SVGSVGElement>, 'onPointerOver' | 'onPointerLeave' | 'className' | 'style'>;

/** Draws a scene in the page. What lies over it, such as notes that can be pointed at, comes as children. */
export function SceneView({ scene, title, description, id, look, under, children, ...rest }: Props) {
  return (
    <svg
      viewBox={`0 0 ${round(scene.width)} ${round(scene.height)}`}
      className="scene"
      role={children ? 'group' : 'img'}
      aria-labelledby={`${id}-title`}
      aria-describedby={`${id}-desc`}
      {...rest}
    >
      <title id={`${id}-title`}>{title}</title>
      <desc id={`${id}-desc`}>{description}</desc>
      <g aria-hidden="true">
        {under}
        {scene.groups.map((group) => (
          <GroupView key={group.key} group={group} look={look?.(group)} />
        ))}
      </g>
      {children}
    </svg>
  );
}

type GroupProps = { readonly group: Group; readonly look: GroupLook | undefined };

/** One group; it rests as long as it is drawn as before, since most of a drawing stays when a key changes. */
const GroupView = memo(function GroupView({ group, look }: GroupProps) {
  return (
    <g
      className="scene-group"
      data-part={group.part}
      data-place={group.place ?? undefined}
      style={moved(group)}
      {...look}
    >
      {group.marks.map(draw)}
    </g>
  );
}, drawnAlike);

function drawnAlike(one: GroupProps, other: GroupProps): boolean {
  return (
    alike(one.look, other.look) &&
    one.group.x === other.group.x &&
    one.group.y === other.group.y &&
    sameMarks(one.group, other.group)
  );
}

function sameMarks(
  { marks: one, part, place }: Group,
  { marks: other, part: otherPart, place: otherPlace }: Group,
): boolean {
  if (one === other) return true;
  if (part !== otherPart || place !== otherPlace || one.length !== other.length) return false;
  return one.every((mark, index) => alike(mark, other[index]));
}

function alike(one: object | undefined, other: object | undefined): boolean {
  if (one === other) return true;
  if (!one || !other) return false;
  let names = 0;
  for (const name in one) {
    if (one[name as keyof typeof one] !== other[name as keyof typeof other]) return false;
    names += 1;
  }
  for (const _ in other) names -= 1;
  return names === 0;
}

function moved({ x, y }: Group): CSSProperties | undefined {
  return x === 0 && y === 0 ? undefined : { transform: `translate(${round(x)}px, ${round(y)}px)` };
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

function pen(stroke: Ink | undefined): string {
  return stroke ? ` s-${stroke}` : '';
}

function draw(mark: Mark, index: number): ReactNode {
  switch (mark.kind) {
    case 'glyph':
      return (
        <path
          key={index}
          className={`f-${mark.fill}`}
          transform={`translate(${round(mark.x)} ${round(mark.y)}) scale(${mark.size / 1000})`}
          d={glyphNamed(mark.glyph).d}
        />
      );
    case 'path':
      return (
        <path
          key={index}
          className={`f-${mark.fill}${pen(mark.stroke)}`}
          strokeWidth={mark.width}
          strokeDasharray={mark.dash}
          d={mark.d}
        />
      );
    case 'line':
      return (
        <line
          key={index}
          className={pen(mark.stroke)}
          strokeWidth={mark.width}
          strokeDasharray={mark.dash}
          x1={round(mark.x1)}
          y1={round(mark.y1)}
          x2={round(mark.x2)}
          y2={round(mark.y2)}
        />
      );
    case 'circle':
      return (
        <circle
          key={index}
          className={`f-${mark.fill}${pen(mark.stroke)}`}
          strokeWidth={mark.width}
          strokeDasharray={mark.dash}
          cx={round(mark.cx)}
          cy={round(mark.cy)}
          r={round(mark.r)}
        />
      );
    case 'rect':
      return (
        <rect
          key={index}
          className={`f-${mark.fill}${pen(mark.stroke)}`}
          strokeWidth={mark.width}
          x={round(mark.x)}
          y={round(mark.y)}
          width={round(mark.w)}
          height={round(mark.h)}
          rx={mark.r}
        />
      );
    case 'text':
      return (
        <text
          key={index}
          className={`f-${mark.fill}`}
          data-face={mark.face}
          x={round(mark.x)}
          y={round(mark.y)}
          fontSize={round(mark.size)}
          fontWeight={mark.bold ? 600 : undefined}
          textAnchor={mark.anchor}
        >
          {mark.text}
        </text>
      );
  }
}
