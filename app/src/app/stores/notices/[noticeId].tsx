import { useLocalSearchParams } from 'expo-router';
import { behind } from '../../../screens/later';

const NoticeForm = behind('NoticeForm');

export default function NoticeFormRoute() {
  const { noticeId } = useLocalSearchParams<{ noticeId: string }>();
  return <NoticeForm noticeId={noticeId} />;
}
