using Krasis.Web.Features.Builds;
using Krasis.Web.Features.Making;
using Krasis.Web.Features.Prep;

namespace Krasis.Web.Features.Files;

/// <summary>What was worked out of builds and standards and is remembered by their ids and numbers.</summary>
/// <param name="library">Of the builds as they are.</param>
/// <param name="board">Of the standards on the board.</param>
/// <param name="needs">Of what standards take.</param>
internal sealed class WorkedOut(Library library, Board board, StandardNeeds needs)
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
