const LONGEST_PX = 2000;
const MOST_BYTES = 400_000;
const QUALITIES = [0.85, 0.7, 0.55, 0.4];

/** How large a photograph becomes, so that no side is longer than is kept. */
export function scaledSize(width: number, height: number): { width: number; height: number } {
  const scale = Math.min(1, LONGEST_PX / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** A photograph as a JPEG that is small enough to keep, the right way up; null where the file is no picture. */
export async function scaledPhoto(file: Blob): Promise<Blob | null> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  } catch {
    return null;
  }
  const canvas = document.createElement("canvas");
  Object.assign(canvas, scaledSize(picture.width, picture.height));
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of QUALITIES) {
    const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", quality));
    if (jpeg && jpeg.size <= MOST_BYTES) return jpeg;
  }
  return null;
}
