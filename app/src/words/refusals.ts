// Asked for by what asks the server, and by nothing else: a file that comes by itself, and brings with it what it shares with the screens.
export { problemSays } from './faultWords';
