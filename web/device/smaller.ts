const LONGEST = 1600

/** A picture made small enough to send: at most 1600 px on its longer side. One that cannot be read is sent as it is. */
export async function smaller(file: File): Promise<File> {
  const picture = await createImageBitmap(file).catch(() => null)
  const scale = picture ? LONGEST / Math.max(picture.width, picture.height) : 1
  if (!picture || scale >= 1) return file
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  const type = file.type === 'image/png' ? 'image/png' : 'image/jpeg'
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, type, 0.86))
  return blob && blob.size < file.size ? new File([blob], file.name, { type }) : file
}
