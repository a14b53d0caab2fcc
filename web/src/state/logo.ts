/** the largest that a logo is drawn, in px: enough for a letterhead on paper */
const most = { width: 640, height: 260 };

/** A picture drawn anew at the size of a letterhead, as a data URL; nothing where the browser cannot read it. */
export async function logoOf(file: Blob): Promise<string | undefined> {
  try {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, most.width / picture.width, most.height / picture.height);
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale))];
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return canvas.toDataURL('image/png');
  } catch {
    return undefined;
  }
}
