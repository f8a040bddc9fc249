/** Longest side of a photo that is sent, px. */
const LONGEST_PX = 1600;
const QUALITY = 0.82;

/**
 * A photo as it is sent: no larger than a page shows, upright, and drawn anew, so that nothing is
 * in it but what is seen.
 * @throws where the browser cannot open it
 */
export async function smallerPhoto(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const times = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * times));
  canvas.height = Math.max(1, Math.round(bitmap.height * times));
  const context = canvas.getContext('2d');
  if (context === null) throw new Error('There is no canvas');
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob === null ? reject(new Error('It was not drawn')) : resolve(blob)),
      'image/jpeg',
      QUALITY,
    ),
  );
}
