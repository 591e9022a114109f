/** The braid as a picture of its own: its drawing under the garden's name, with a key, fonts and colours in it. */
const SVG = 'http://www.w3.org/2000/svg';
const HEAD = 54;
const FOOT = 34;
const MARGIN = 18;

/** Puts what the page's style sheet gives into the elements themselves, so that the picture stands alone. */
function withOwnColours(node: Element, style: CSSStyleDeclaration) {
  for (const element of [node, ...node.querySelectorAll('*')]) {
    for (const { name, value } of [...element.attributes]) {
      if (name.startsWith('data-v-') || name === 'class' || name.startsWith('aria-') || name === 'role')
        element.removeAttribute(name);
      else if (value.includes('var(--'))
        element.setAttribute(
          name,
          value.replace(/var\((--[a-z-]+)\)/g, (_, property: string) =>
            style.getPropertyValue(property).trim().replaceAll('"', "'"),
          ),
        );
    }
  }
}

const KEY = ['host', 'nectar', 'shelter', 'special'] as const;

export interface BraidPicture {
  svg: string;
  width: number;
  height: number;
}

/** `fonts`: the style sheet of the fonts it is written in, their files within it. */
export function braidPicture(drawing: SVGSVGElement, title: string, subtitle: string, fonts: string): BraidPicture {
  const style = getComputedStyle(document.documentElement);
  const ink = (name: string) => style.getPropertyValue(`--${name}`).trim();
  const { width: w, height: h } = drawing.viewBox.baseVal;
  const width = w + 2 * MARGIN;
  const height = h + HEAD + FOOT + MARGIN;
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  // Comments of the page's machinery mean nothing outside it, and the handle belongs to the moment.
  const walker = document.createTreeWalker(copy, NodeFilter.SHOW_COMMENT);
  const comments: Node[] = [];
  while (walker.nextNode()) comments.push(walker.currentNode);
  for (const comment of comments) comment.parentNode!.removeChild(comment);
  for (const handle of copy.querySelectorAll('.handle')) handle.remove();
  for (const moved of copy.querySelectorAll<SVGGElement>('[style*="translate"]')) {
    const [, y] = /translate\(0(?:px)?, ([-\d.]+)px\)/.exec(moved.getAttribute('style')!) ?? [];
    moved.removeAttribute('style');
    if (y) moved.setAttribute('transform', `translate(0 ${y})`);
  }
  copy.setAttribute('x', String(MARGIN));
  copy.setAttribute('y', String(HEAD));
  copy.setAttribute('width', String(w));
  copy.setAttribute('height', String(h));

  const picture = document.createElementNS(SVG, 'svg');
  picture.setAttribute('viewBox', `0 0 ${width} ${height}`);
  picture.setAttribute('width', String(width));
  picture.setAttribute('height', String(height));
  picture.setAttribute('font-family', style.getPropertyValue('--font-sans').replaceAll('"', "'"));
  const add = (name: string, attributes: Record<string, string | number>, text?: string) => {
    const element = document.createElementNS(SVG, name);
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, String(value));
    if (text !== undefined) element.textContent = text;
    picture.append(element);
  };
  add('title', {}, `${title}: ${subtitle}`);
  add('style', {}, fonts);
  add('rect', { width, height, fill: ink('ground') });
  add('text', { x: MARGIN, y: 28, 'font-size': 24, 'font-family': 'var(--font-serif)', fill: ink('ink') }, title);
  add('text', { x: MARGIN, y: 46, 'font-size': 13, fill: ink('quiet') }, subtitle);
  picture.append(copy);
  const y = HEAD + h + 14;
  let x = MARGIN;
  for (const stage of KEY) {
    add('rect', { x, y, width: 24, height: 8, rx: 4, fill: stage === 'host' ? ink('host') : `url(#weave-${stage})` });
    add('text', { x: x + 29, y: y + 8, 'font-size': 12.5, fill: ink('quiet') }, stage);
    x += 94;
  }
  add('path', { d: `M${x},${y + 4} h24`, stroke: ink('host'), 'stroke-width': 3 });
  add('path', { d: `M${x + 2},${y + 1} l4,-2 m3,10 l4,-2 m3,-6 l4,-2`, stroke: ink('thin'), 'stroke-width': 1.4, fill: 'none' });
  add('text', { x: x + 29, y: y + 8, 'font-size': 12.5, fill: ink('quiet') }, 'thin');
  x += 80;
  add('rect', { x, y, width: 24, height: 8, rx: 4, fill: 'none', stroke: ink('gap'), 'stroke-dasharray': '3 2.2' });
  add('text', { x: x + 29, y: y + 8, 'font-size': 12.5, fill: ink('quiet') }, 'open: a dry bed');
  withOwnColours(picture, style);
  return { svg: new XMLSerializer().serializeToString(picture), width, height };
}

/** A picture as PNG, drawn at `scale` pixels to its unit; a data URL. */
export async function pngOf({ svg, width, height }: BraidPicture, scale = 2): Promise<string> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/png');
}
