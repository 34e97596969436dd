using Krasis.App.Builds;
using Krasis.App.Making;
using Krasis.App.Prep;

namespace Krasis.App.Files;

/// <summary>What was worked out of builds and standards and is remembered by their ids and numbers.</summary>
/// <param name="library">Of the builds as they are.</param>
/// <param name="board">Of the standards on the board.</param>
/// <param name="needs">Of what standards take.</param>
public sealed class WorkedOut(Library library, Board board, StandardNeeds needs)
{
    /// <summary>Forgets it, for when another house has come in the place of this one: its builds and standards may have
    /// the ids and numbers of others.</summary>
    public void Forget()
    {
        library.Forget();
        board.Forget();
        needs.Forget();
    }
}
