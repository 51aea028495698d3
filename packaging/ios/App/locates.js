// In the place of the page's own way to ask where it is: here the phone's shell is asked.
(() => {
  let waiting = []
  const all = (tell) => {
    const asked = waiting
    waiting = []
    asked.forEach(tell)
  }
  const getCurrentPosition = (done, refused) => {
    waiting.push({ done, refused })
    if (prompt('lanai:locate', '') !== 'asked') window.lanaiNotHere(2)
  }
  window.lanaiHere = (latitude, longitude, accuracy) => {
    const position = { coords: { latitude, longitude, accuracy }, timestamp: Date.now() }
    all(({ done }) => done(position))
  }
  window.lanaiNotHere = (code) => all(({ refused }) => refused?.({ code, message: '', PERMISSION_DENIED: 1, POSITION_UNAVAILABLE: 2, TIMEOUT: 3 }))
  Object.defineProperty(navigator, 'geolocation', { value: { getCurrentPosition } })
})()
