import type { Workday } from '@hold-fast/contract/day';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Icon } from '../../ui/Icon';
import { color, size, space } from '../../ui/tokens';
import { dayWords } from '../../words/day';
import { placeAfterDrag } from './placeAfterDrag';

/** The column of what has no place. */
export const UNPLACED = 'unplaced';
/** A finger that stays this long lifts, a mouse that moves this far drags: anything less is a touch. */
const LIFTS_AFTER_MS = 200;
const DRAGS_FROM_PX = 6;

interface Props {
  workday: Workday;
  onPlace: (
    jobId: string,
    at: { day: string; personId: string; before: string | null } | null,
  ) => void;
  children: ReactNode;
}

/** Lets the jobs of a day be dragged by their grips, with a mouse, a finger or the keys. */
export function Dragging({ workday, onPlace, children }: Props) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAGS_FROM_PX } }),
    useSensor(TouchSensor, {
      activationConstraint: { delay: LIFTS_AFTER_MS, tolerance: DRAGS_FROM_PX },
    }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const nameOf = (id: UniqueIdentifier): string =>
    [...workday.mechanics.flatMap(({ jobs }) => jobs), ...workday.unplaced].find(
      ({ jobId }) => jobId === id,
    )?.bikeName ??
    workday.mechanics.find((mechanic) => mechanic.id === id)?.name ??
    dayWords.unplaced;
  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over) return;
    const at = placeAfterDrag(workday, String(active.id), String(over.id));
    if (at !== 'stays') onPlace(String(active.id), at);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={dropped}
      accessibility={{
        screenReaderInstructions: { draggable: dayWords.drag.how },
        announcements: {
          onDragStart: ({ active }) => dayWords.drag.lifted(nameOf(active.id)),
          onDragOver: ({ over }) => (over ? dayWords.drag.over(nameOf(over.id)) : undefined),
          onDragEnd: ({ over }) =>
            over ? dayWords.drag.dropped(nameOf(over.id)) : dayWords.drag.cancelled,
          onDragCancel: () => dayWords.drag.cancelled,
        },
      }}
    >
      {children}
    </DndContext>
  );
}

/** A list that a job can be set down in: on one that stands there, or at its end. */
export function DropColumn({
  id,
  jobs,
  children,
}: {
  id: string;
  jobs: readonly string[];
  children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <SortableContext items={[...jobs]} strategy={verticalListSortingStrategy}>
      {children}
      <View ref={setNodeRef as never} style={[styles.end, isOver && styles.over]} />
    </SortableContext>
  );
}

/** A row of a list that is dragged by its grip. */
export function DragRow({
  jobId,
  bikeName,
  children,
}: {
  jobId: string;
  bikeName: string;
  children: ReactNode;
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } =
    useSortable({ id: jobId });
  const moved = transform
    ? { transform: [{ translateX: transform.x }, { translateY: transform.y }] }
    : null;
  return (
    <View ref={setNodeRef as never} style={[styles.row, moved, isDragging && styles.lifted]}>
      <View
        ref={setActivatorNodeRef as never}
        style={styles.grip}
        {...(attributes as object)}
        {...(listeners as object)}
        aria-label={dayWords.grip(bikeName)}
        testID={`grip-${jobId}`}
      >
        <Icon name="grip" ink="soft" />
      </View>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  end: { height: space.xl },
  over: { backgroundColor: color.sunk },
  row: {
    flexDirection: 'row',
    alignItems: 'stretch',
    borderBottomWidth: size.line,
    borderColor: color.hairline,
  },
  grip: {
    width: size.smallTouch,
    alignItems: 'center',
    justifyContent: 'center',
    marginRight: space.xs,
  },
  lifted: { backgroundColor: color.tag, zIndex: 1 },
});
