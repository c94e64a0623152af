package grintel.core.edit;

/**
 * Does something about each kind of edit; a kind that is added does not compile until everybody who makes edits handles
 * it.
 */
public interface EditVisitor {
    void setProperty(Edit.SetProperty edit);

    void createStyle(Edit.CreateStyle edit);

    void applyStyle(Edit.ApplyStyle edit);

    void applyCharacterStyle(Edit.ApplyCharacterStyle edit);

    void followStyle(Edit.FollowStyle edit);

    void defineLevel(Edit.DefineLevel edit);

    void replaceText(Edit.ReplaceText edit);

    void moveText(Edit.MoveText edit);

    void insertParagraph(Edit.InsertParagraph edit);

    void insertBlocks(Edit.InsertBlocks edit);

    void removeParagraph(Edit.RemoveParagraph edit);

    void moveParagraphs(Edit.MoveParagraphs edit);

    void splitParagraph(Edit.SplitParagraph edit);

    void joinParagraphs(Edit.JoinParagraphs edit);

    void setApart(Edit.SetApart edit);

    void setColumns(Edit.SetColumns edit);

    void changePicture(Edit.ChangePicture edit);

    void insertNote(Edit.InsertNote edit);

    void changeNoteKind(Edit.ChangeNoteKind edit);

    void writeMarginal(Edit.WriteMarginal edit);

    void inheritMarginal(Edit.InheritMarginal edit);

    void settleChanges(Edit.SettleChanges edit);

    void removeComment(Edit.RemoveComment edit);

    void setSetting(Edit.SetSetting edit);

    void setFileProperty(Edit.SetFileProperty edit);
}
