import QRCode from 'qrcode'
import './door.css'

/** The page for whoever opens the one link at a computer: it goes on with the phone. */
const box = document.getElementById('code')
const link = box?.dataset.link ?? ''
// A tablet may say that it is a computer; fingers tell.
if (navigator.maxTouchPoints > 1 && /Mac/.test(navigator.platform)) {
  const ask = new URLSearchParams(location.search)
  if (ask.get('phone') !== 'ios') {
    ask.set('phone', 'ios')
    location.replace(`${location.pathname}?${ask}${location.hash}`)
  }
}
if (box && link) {
  void QRCode.toDataURL(link, { width: 440, margin: 2 }).then((source) => {
    const image = document.createElement('img')
    image.src = source
    image.alt = box.dataset.label ?? ''
    box.replaceChildren(image)
  })
}
