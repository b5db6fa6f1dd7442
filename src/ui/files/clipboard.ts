/** Pixels for each pixel of the drawing, so that a picture stays sharp on a slide. */
const SCALE = 3;

/** Draws an SVG document on white as a PNG picture. */
export async function pictureOf(svg: string): Promise<Blob> {
  const image = new Image();
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    await new Promise<void>((resolve, reject) => {
      image.onload = () => resolve();
      image.onerror = () => reject(new Error('the drawing could not be made into a picture'));
      image.src = address;
    });
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(image.width * SCALE);
    canvas.height = Math.round(image.height * SCALE);
    const context = canvas.getContext('2d');
    if (!context) throw new Error('this browser draws no pictures');
    context.fillStyle = '#FFFFFF';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise<Blob>((resolve, reject) => {
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture came out'))), 'image/png');
    });
  } finally {
    URL.revokeObjectURL(address);
  }
}

/** Copies a picture; false where the browser does not allow it, as over plain HTTP. */
export async function copyPicture(picture: Promise<Blob>): Promise<boolean> {
  if (typeof ClipboardItem === 'undefined' || !('clipboard' in navigator)) return false;
  try {
    // Given as a promise, so that the press of the key still counts as the user's wish.
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': picture })]);
    return true;
  } catch {
    return false;
  }
}

/** Copies a text; false where the browser does not allow it. */
export async function copyText(text: string): Promise<boolean> {
  if (!('clipboard' in navigator)) return false;
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}
