import { Children, type ReactNode, type SVGProps, useLayoutEffect, useRef, useState } from 'react';
import type { Scene } from '@/engrave/scene';
import { written } from '@/engrave/shape';
import { Drawing, drawingHtml, type Looks, noLooks } from './drawing';

type Props = {
  readonly scene: Scene;
  readonly title: string;
  readonly description: string;
  /** For the ids of title and description, one a surface. */
  readonly id: string;
  readonly look?: Looks;
  /** Drawn under the marks. */
  readonly under?: ReactNode;
  readonly children?: ReactNode;
} & Pick<
  SVGProps<SVGSVGElement>,
  | 'onPointerOver'
  | 'onPointerLeave'
  | 'onPointerDown'
  | 'onPointerMove'
  | 'onPointerUp'
  | 'onPointerCancel'
  | 'className'
  | 'style'
>;

/** Draws a scene in the page. What lies over it, such as notes that can be pointed at, comes as children. */
export function SceneView({ scene, title, description, id, look, under, children, ...rest }: Props) {
  return (
    <svg
      viewBox={`0 0 ${written(scene.width)} ${written(scene.height)}`}
      className="scene"
      role={Children.toArray(children).length > 0 ? 'group' : 'img'}
      aria-labelledby={`${id}-title`}
      aria-describedby={`${id}-desc`}
      {...rest}
    >
      <title id={`${id}-title`}>{title}</title>
      <desc id={`${id}-desc`}>{description}</desc>
      {under && <g aria-hidden="true">{under}</g>}
      <Strokes scene={scene} looks={look ?? noLooks} />
      {children}
    </svg>
  );
}

type StrokesProps = { readonly scene: Scene; readonly looks: Looks };

/** The strokes themselves. They are written once and from then on changed in place. */
function Strokes({ scene, looks }: StrokesProps) {
  const root = useRef<SVGGElement>(null);
  const drawing = useRef<Drawing | null>(null);
  const [first] = useState(() => ({ scene, looks, markup: { __html: drawingHtml(scene, looks) } }));
  useLayoutEffect(() => {
    if (!root.current) return;
    drawing.current ??= new Drawing(root.current, first.scene, first.looks);
    drawing.current.show(scene, looks);
  }, [scene, looks, first]);
  // biome-ignore lint/security/noDangerouslySetInnerHtml: numbers and names of our own; every text in it is escaped
  return <g ref={root} aria-hidden="true" dangerouslySetInnerHTML={first.markup} />;
}
