export { FirstWall, WallPage } from "./WallPage";
