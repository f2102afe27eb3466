/** What a drawing’s parts do of their own to hear a press: nothing, the browser’s click is enough. */
export default function pressedByTheBrowser() {}
