/** Pictures that the deck's phone has in its library and before its camera: drawn here, of nobody and nowhere. */
export const SCENES = ['A shore in the morning', 'Hills at dusk', 'A boat on a lake', 'A cup on a table', 'A tree in a field', 'Windows at night']

const WIDTH = 1200
const HEIGHT = 900
const SKIES = [
  ['#f8d9b0', '#2b7f8c'],
  ['#5b3a6b', '#d97b5b'],
  ['#cfe6ee', '#3f7f9c'],
  ['#efe4d2', '#b88a5a'],
  ['#bfe0f2', '#7fa64a'],
  ['#101c33', '#26385c'],
]

type Point = [number, number]
const box = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
]

function draw(pen: CanvasRenderingContext2D, scene: number) {
  const [above, below] = SKIES[scene]
  const sky = pen.createLinearGradient(0, 0, 0, HEIGHT)
  sky.addColorStop(0, above)
  sky.addColorStop(1, below)
  pen.fillStyle = sky
  pen.fillRect(0, 0, WIDTH, HEIGHT)
  const shape = (colour: string, points: Point[]) => {
    pen.fillStyle = colour
    pen.beginPath()
    for (const [x, y] of points) pen.lineTo(x, y)
    pen.fill()
  }
  const disc = (x: number, y: number, r: number, colour: string) => {
    pen.fillStyle = colour
    pen.beginPath()
    pen.arc(x, y, r, 0, 7)
    pen.fill()
  }
  const waves = (colour: string, from: number) => {
    const line: Point[] = Array.from({ length: 61 }, (_, i) => [i * 20, from + Math.sin((i * 20) / 90 + scene) * 14])
    shape(colour, [[0, HEIGHT], ...line, [WIDTH, HEIGHT]])
  }
  const scenes = [
    () => [disc(830, 300, 90, '#fff2cf'), waves('#1d6571', 480), waves('#e5cfa0', 720)],
    () => [disc(300, 260, 70, '#ffdf9e'), waves('#3d2a52', 520), waves('#291c3d', 640)],
    () => [waves('#2f6f8c', 470), shape('#7a3b2e', [[460, 560], [760, 560], [700, 640], [520, 640]]), shape('#fbf6ea', [[600, 300], [600, 545], [470, 545]])],
    () => [shape('#7c5636', box(0, 560, WIDTH, 340)), disc(600, 560, 190, '#fbf7ef'), disc(600, 540, 150, '#5a3620')],
    () => [waves('#5d8a3a', 600), shape('#5a4030', box(580, 420, 60, 280)), disc(610, 340, 190, '#3f6b32')],
    () => {
      shape('#0b1424', box(150, 200, 900, 700))
      for (let i = 0; i < 24; i++) shape(i % 5 ? '#f2c772' : '#24324d', box(230 + (i % 6) * 130, 270 + Math.floor(i / 6) * 140, 80, 90))
    },
  ]
  scenes[scene]()
}

/** One of them, as a file like one of a camera. */
export function sceneOf(scene: number): Promise<File> {
  const canvas = Object.assign(document.createElement('canvas'), { width: WIDTH, height: HEIGHT })
  draw(canvas.getContext('2d')!, scene)
  return new Promise((done, failed) => {
    const made = (blob: Blob | null) =>
      blob ? done(new File([blob], `scene-${scene + 1}.jpg`, { type: 'image/jpeg' })) : failed(new Error('It could not be drawn.'))
    canvas.toBlob(made, 'image/jpeg', 0.9)
  })
}
