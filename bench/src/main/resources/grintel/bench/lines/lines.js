// Runs in the page with the samples: for each paragraph the places at which its lines but the first start.
async () => {
  const PITCH = 100
  await document.fonts.ready
  await Promise.all([...document.fonts].map((face) => face.load()))
  return [...document.querySelectorAll('p')].map((paragraph) => {
    const nodes = [...paragraph.querySelectorAll('span')].map((span) => span.firstChild).filter(Boolean)
    const starts = []
    let total = 0
    for (const node of nodes) {
      starts.push(total)
      total += node.length
    }
    const top = paragraph.getBoundingClientRect().top
    const range = document.createRange()
    // The line a character stands in; what takes no room stands where the next one does.
    const lineOf = (place) => {
      for (let at = place; at < total; at++) {
        let node = nodes.length - 1
        while (starts[node] > at) node--
        range.setStart(nodes[node], at - starts[node])
        range.setEnd(nodes[node], at - starts[node] + 1)
        const boxes = range.getClientRects()
        if (boxes.length > 0) {
          // After a soft hyphen the first box is that of the hyphen, on the line before.
          const box = boxes[boxes.length - 1]
          return Math.floor(((box.top + box.bottom) / 2 - top) / PITCH)
        }
      }
      return Infinity
    }
    const lines = Math.round(paragraph.getBoundingClientRect().height / PITCH)
    const found = []
    let from = 0
    for (let line = 1; line < lines; line++) {
      let low = from
      let high = total
      while (low < high) {
        const middle = (low + high) >> 1
        if (lineOf(middle) >= line) high = middle
        else low = middle + 1
      }
      found.push(low)
      from = low
    }
    return found
  })
}
